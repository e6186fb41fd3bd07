import { listCalibrationsOf, type Sample, type StoredCalibrationOfSample } from '../../data/bench'
import { readLotCards } from '../../data/media'
import type { OpenDatabase } from '../database'
import { calibrationOfLot } from '../lots'

/** What tests have made of a sample as it is now; null where it was not tested, or has changed since. */
export async function presentCalibration(
  db: OpenDatabase,
  sample: Sample,
): Promise<StoredCalibrationOfSample | null> {
  const all = await listCalibrationsOf(db, sample)
  if (sample.kind !== 'lot') return all[0] ?? null
  const [lot] = await readLotCards(db, [Number(sample.id)])
  return lot ? calibrationOfLot(lot, all) : null
}
