import type { StoredCalibrationOfSample } from '../../data/bench'
import type { LotCard } from '../../data/media'

/** A lot's newest calibration, it ends when something is mixed in. */
export function calibrationOfLot(
  { id, mixedAt }: Pick<LotCard, 'id' | 'mixedAt'>,
  calibrations: readonly StoredCalibrationOfSample[],
): StoredCalibrationOfSample | null {
  const found = calibrations.find(({ lotId, from }) => lotId === id && from.length > 0)
  if (!found) return null
  return mixedAt && mixedAt > found.at ? null : found
}
