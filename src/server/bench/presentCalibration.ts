import {
  listSampleCalibrations,
  type Sample,
  type StoredCalibrationOfSample,
} from '../../data/bench/benchTests'
import { readLot } from '../../data/media/lots'
import { readSite } from '../../data/site/site'
import type { OpenDatabase } from '../database'
import { calibrationOfLot } from './calibrationOfLot'

/** What tests have made of a sample as it is now; null where it was not tested, or has changed since. */
export async function presentCalibration(
  db: OpenDatabase,
  { kind, id }: Sample,
): Promise<StoredCalibrationOfSample | null> {
  const all = await listSampleCalibrations(db)
  if (kind === 'lot')
    return calibrationOfLot(await readLot(db, Number(id)), all, (await readSite(db)).timeZone)
  return (
    all.find(({ mixId, materialId }) =>
      kind === 'mix' ? mixId === Number(id) : materialId === String(id),
    ) ?? null
  )
}
