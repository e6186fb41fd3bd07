import type { StoredCalibrationOfSample } from '../../data/bench/benchTests'
import type { Lot } from '../../data/media/lots'
import { dayAt } from '../clock'

/** A lot's newest calibration, by days of the site; it ends when a new innings begins or something is mixed in. */
export function calibrationOfLot(
  { id, innings, ledger }: Pick<Lot, 'id' | 'innings' | 'ledger'>,
  calibrations: readonly StoredCalibrationOfSample[],
  timeZone: string,
): StoredCalibrationOfSample | null {
  const found = calibrations.find(({ lotId, from }) => lotId === id && from.length > 0)
  if (!found) return null
  const began = innings.at(-1)?.startedOn
  if (began && dayAt(timeZone, found.at) < began) return null
  const mixedSince = ledger.some(({ at, litres }) => litres > 0 && at > found.at)
  return mixedSince ? null : found
}
