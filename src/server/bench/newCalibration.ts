import { penSlope } from '../../core/bench'
import { addCalibration } from '../../data/bench'
import type { Database } from '../../data/database'
import type { NewCalibration } from '../../messages/bench/tests'
import { Refused } from '../problem'

/** Keeps what a pen showed in its buffers; millivolts that rise with the pH cannot be. */
export async function newCalibration(
  db: Database,
  penId: number,
  body: NewCalibration,
  at: Date,
): Promise<void> {
  const slopePercent = penSlope(body)
  if (slopePercent !== null && slopePercent < 0) {
    const message = `The slope comes out at ${slopePercent.toFixed(0)} %: swapped the millivolts?`
    const first = body.buffers.findIndex(({ millivolts }) => millivolts !== null)
    throw new Refused(422, 'not-valid', message, [
      { field: `buffers.${first}.millivolts`, message },
    ])
  }
  return addCalibration(db, penId, { ...body, at })
}
