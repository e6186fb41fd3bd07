import {
  listSampleCalibrations,
  type Sample,
  type StoredCalibrationOfSample,
} from '../../data/bench/benchTests'
import { type Lot, readLot } from '../../data/media/lots'
import type { OpenDatabase } from '../database'

/** What tests have made of a sample as it is now; null where it was not tested, or has changed since. */
export async function presentCalibration(
  db: OpenDatabase,
  { kind, id }: Sample,
): Promise<StoredCalibrationOfSample | null> {
  const all = await listSampleCalibrations(db)
  if (kind === 'lot') return calibrationOfLot(await readLot(db, Number(id)), all)
  return (
    all.find(({ mixId, materialId }) =>
      kind === 'mix' ? mixId === Number(id) : materialId === String(id),
    ) ?? null
  )
}

/** A lot's newest calibration; it ends when a new innings begins or something is mixed in. */
export function calibrationOfLot(
  { id, innings, ledger }: Pick<Lot, 'id' | 'innings' | 'ledger'>,
  calibrations: readonly StoredCalibrationOfSample[],
): StoredCalibrationOfSample | null {
  const found = calibrations.find(({ lotId, from }) => lotId === id && from.length > 0)
  if (!found) return null
  const began = innings.at(-1)?.startedOn
  if (began && found.at.toISOString().slice(0, 10) < began) return null
  const mixedSince = ledger.some(({ at, litres }) => litres > 0 && at > found.at)
  return mixedSince ? null : found
}
