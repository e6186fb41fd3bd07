import {
  listCalibrationsOf,
  type StoredCalibrationOfSample,
} from '../../data/bench/sampleCalibrations'
import type { Sample } from '../../data/bench/samples'
import { readLotCards } from '../../data/media/readLots'
import { readSite } from '../../data/site/site'
import type { OpenDatabase } from '../database'
import { calibrationOfLot } from '../lots/calibrationOfLot'

/** What tests have made of a sample as it is now; null where it was not tested, or has changed since. */
export async function presentCalibration(
  db: OpenDatabase,
  sample: Sample,
): Promise<StoredCalibrationOfSample | null> {
  const all = await listCalibrationsOf(db, sample)
  if (sample.kind !== 'lot') return all[0] ?? null
  const [lot] = await readLotCards(db, [Number(sample.id)])
  return lot ? calibrationOfLot(lot, all, (await readSite(db)).timeZone) : null
}
