import { and, desc, not, type SQL, sql } from 'drizzle-orm'
import { among } from '../among'
import type { Database } from '../database'
import { tellLotChanged } from '../media/lots'
import { benchTests, sampleCalibrations } from './benchTables'
import { columnOf, ofSample, type Sample } from './samples'

export type StoredCalibrationOfSample = typeof sampleCalibrations.$inferSelect

export async function addSampleCalibration(
  db: Database,
  sample: Sample,
  calibration: Pick<
    StoredCalibrationOfSample,
    'at' | 'testIds' | 'from' | 'prior' | 'measured' | 'doubts'
  >,
): Promise<void> {
  await db.insert(sampleCalibrations).values({ ...calibration, ...columnOf(sample) })
  if (sample.kind === 'lot') await tellLotChanged(db, Number(sample.id))
}

/** Of one sample, newest first; none that rests on a test that was thrown away. */
export async function listCalibrationsOf(
  db: Database,
  sample: Sample,
): Promise<StoredCalibrationOfSample[]> {
  return calibrationsWhere(db, ofSample(sampleCalibrations, sample))
}

/** Of these lots, newest first; none that rests on a test that was thrown away. */
export async function listCalibrationsOfLots(
  db: Database,
  lotIds: readonly number[],
): Promise<StoredCalibrationOfSample[]> {
  if (lotIds.length === 0) return []
  return calibrationsWhere(db, among(sampleCalibrations.lotId, lotIds))
}

/** Of these mixes, newest first; none that rests on a test that was thrown away. */
export async function listCalibrationsOfMixes(
  db: Database,
  mixIds: readonly number[],
): Promise<StoredCalibrationOfSample[]> {
  if (mixIds.length === 0) return []
  return calibrationsWhere(db, among(sampleCalibrations.mixId, mixIds))
}

function calibrationsWhere(db: Database, condition: SQL) {
  const thrownAway = sql`exists (select 1 from ${benchTests} where ${benchTests.thrownAwayAt} is not null and ${benchTests.id} in (select value::integer from jsonb_array_elements_text(${sampleCalibrations.testIds})))`
  return db
    .select()
    .from(sampleCalibrations)
    .where(and(condition, not(thrownAway)))
    .orderBy(desc(sampleCalibrations.at), desc(sampleCalibrations.id))
}
