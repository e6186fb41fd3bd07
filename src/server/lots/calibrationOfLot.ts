import type { StoredCalibrationOfSample } from '../../data/bench'
import type { LotCard } from '../../data/media'
import { dayAt } from '../clock'

/** A lot's newest calibration, by days of the site; it ends when a new innings begins or something is mixed in. */
export function calibrationOfLot(
  { id, innings, mixedAt }: Pick<LotCard, 'id' | 'innings' | 'mixedAt'>,
  calibrations: readonly StoredCalibrationOfSample[],
  timeZone: string,
): StoredCalibrationOfSample | null {
  const found = calibrations.find(({ lotId, from }) => lotId === id && from.length > 0)
  if (!found) return null
  const began = innings.at(-1)?.startedOn
  if (began && dayAt(timeZone, found.at) < began) return null
  return mixedAt && mixedAt > found.at ? null : found
}
