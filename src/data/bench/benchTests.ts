import { and, asc, desc, eq, inArray, isNull, or, sql } from 'drizzle-orm'
import type { BenchExpected, BenchOutcome, TestKind, TestKit, TestWater } from '../../core/bench'
import type { Database } from '../database'
import { Conflict, NotFound } from '../errors'
import { benchMoments, benchTests, type SampleKind, sampleCalibrations } from './benchTables'

export type StoredTest = typeof benchTests.$inferSelect
export type StoredMoment = typeof benchMoments.$inferSelect
export type StoredCalibrationOfSample = typeof sampleCalibrations.$inferSelect

/** What a test is made on. */
export interface Sample {
  readonly kind: SampleKind
  readonly id: number | string
}

export interface BenchTest extends StoredTest {
  readonly sample: Sample
  /** That were not undone, in the order of their times. */
  readonly moments: readonly StoredMoment[]
}

/** Tests that were not thrown away, newest first; those of one sample where it is given. */
export async function listBenchTests(db: Database, sample?: Sample): Promise<BenchTest[]> {
  const rows = await db
    .select()
    .from(benchTests)
    .where(and(isNull(benchTests.thrownAwayAt), sample ? ofSample(sample) : undefined))
    .orderBy(desc(benchTests.startedAt), desc(benchTests.id))
  return withMoments(db, rows)
}

/** A test with its moments. @throws NotFound, also for one that was thrown away */
export async function readBenchTest(db: Database, id: number): Promise<BenchTest> {
  const rows = await db
    .select()
    .from(benchTests)
    .where(and(eq(benchTests.id, id), isNull(benchTests.thrownAwayAt)))
  const [found] = await withMoments(db, rows)
  if (!found) throw new NotFound(`There is no test ${id}, or it was thrown away.`)
  return found
}

/** All runs of the set a test belongs to, in the order they were made. */
export async function readSet(
  db: Database,
  test: Pick<BenchTest, 'id' | 'setId'>,
): Promise<BenchTest[]> {
  const setId = test.setId ?? test.id
  const rows = await db
    .select()
    .from(benchTests)
    .where(
      and(
        isNull(benchTests.thrownAwayAt),
        or(eq(benchTests.setId, setId), eq(benchTests.id, setId)),
      ),
    )
    .orderBy(asc(benchTests.startedAt), asc(benchTests.id))
  return withMoments(db, rows)
}

export async function startTest(
  db: Database,
  test: {
    readonly kind: TestKind
    readonly sample: Sample
    readonly setId: number | null
    readonly isReference: boolean
    readonly innings: number | null
    readonly place: string
    readonly judge: string
    readonly kit: TestKit
    readonly expected: BenchExpected | null
    readonly at: Date
  },
): Promise<number> {
  const { sample, at, ...rest } = test
  const [made] = await db
    .insert(benchTests)
    .values({ ...rest, ...columnOf(sample), startedAt: at })
    .returning({ id: benchTests.id })
  if (!made) throw new Error('The test was not begun.')
  return made.id
}

/**
 * Keeps a moment; one that was kept already, by its id, is left as it is.
 * @throws NotFound, or Conflict for a test that is finished
 */
export async function addMoment(
  db: Database,
  testId: number,
  moment: Pick<StoredMoment, 'id' | 'key' | 'at' | 'value'>,
): Promise<void> {
  await db.transaction(async (tx) => {
    await lockRunning(tx, testId)
    await tx
      .insert(benchMoments)
      .values({ ...moment, testId, tappedAt: moment.at })
      .onConflictDoNothing({ target: benchMoments.id })
  })
}

/**
 * Corrects a moment by hand, its time, its value, or takes it back; the time that was tapped stays.
 * @throws NotFound, or Conflict for a test that is finished
 */
export async function correctMoment(
  db: Database,
  testId: number,
  momentId: string,
  change: { readonly at?: Date; readonly value?: number; readonly undoneAt?: Date | null },
): Promise<void> {
  await db.transaction(async (tx) => {
    await lockRunning(tx, testId)
    const [row] = await tx
      .update(benchMoments)
      .set(change)
      .where(and(eq(benchMoments.id, momentId), eq(benchMoments.testId, testId)))
      .returning({ id: benchMoments.id })
    if (!row) throw new NotFound('There is no such moment in this test.')
  })
}

/** Keeps what was typed so far; the last writer counts. @throws NotFound, or Conflict for a test that is finished */
export async function keepDraft(
  db: Database,
  id: number,
  draft: NonNullable<StoredTest['draft']>,
): Promise<void> {
  await db.transaction(async (tx) => {
    await lockRunning(tx, id)
    await tx.update(benchTests).set({ draft }).where(eq(benchTests.id, id))
  })
}

/** Ends a test with what was observed and what it came to; what follows from it is written with it or not at all. */
export async function finishTest(
  db: Database,
  id: number,
  {
    observation,
    outcome,
    at,
    ...words
  }: {
    readonly observation: Readonly<Record<string, unknown>>
    readonly outcome: BenchOutcome
    readonly place: string
    readonly judge: string
    readonly note: string
    readonly water: TestWater | null
    readonly at: Date
  },
  also: (tx: Database) => Promise<void> = async () => {},
): Promise<void> {
  await db.transaction(async (tx) => {
    await lockRunning(tx, id)
    await tx
      .update(benchTests)
      .set({
        observation,
        outcome,
        draft: null,
        endedAt: at,
        ...words,
        version: sql`${benchTests.version} + 1`,
      })
      .where(eq(benchTests.id, id))
    await also(tx)
  })
}

/** Throws a test away, or takes it up again. @throws NotFound */
export async function throwTestAway(db: Database, id: number, at: Date | null): Promise<void> {
  const [row] = await db
    .update(benchTests)
    .set({ thrownAwayAt: at })
    .where(eq(benchTests.id, id))
    .returning({ id: benchTests.id })
  if (!row) throw new NotFound(`There is no test ${id}.`)
}

export async function addSampleCalibration(
  db: Database,
  sample: Sample,
  calibration: Pick<
    StoredCalibrationOfSample,
    'at' | 'testIds' | 'from' | 'prior' | 'measured' | 'doubts'
  >,
): Promise<void> {
  await db.insert(sampleCalibrations).values({ ...calibration, ...columnOf(sample) })
}

/** Newest first; none that rests on a test that was thrown away. */
export async function listSampleCalibrations(db: Database): Promise<StoredCalibrationOfSample[]> {
  const rows = await db
    .select()
    .from(sampleCalibrations)
    .orderBy(desc(sampleCalibrations.at), desc(sampleCalibrations.id))
  const gone = new Set(
    (
      await db
        .select({ id: benchTests.id })
        .from(benchTests)
        .where(sql`${benchTests.thrownAwayAt} is not null`)
    ).map(({ id }) => id),
  )
  return rows.filter(({ testIds }) => !testIds.some((id) => gone.has(id)))
}

async function lockRunning(db: Database, id: number): Promise<void> {
  const [row] = await db
    .select({ endedAt: benchTests.endedAt })
    .from(benchTests)
    .where(and(eq(benchTests.id, id), isNull(benchTests.thrownAwayAt)))
    .for('update')
  if (!row) throw new NotFound(`There is no test ${id}, or it was thrown away.`)
  if (row.endedAt)
    throw new Conflict(
      'This test is finished: what was observed is not changed any more. Make another run.',
    )
}

async function withMoments(db: Database, rows: readonly StoredTest[]): Promise<BenchTest[]> {
  if (rows.length === 0) return []
  const ids = rows.map(({ id }) => id)
  const moments = await db
    .select()
    .from(benchMoments)
    .where(and(inArray(benchMoments.testId, ids), isNull(benchMoments.undoneAt)))
    .orderBy(asc(benchMoments.at))
  return rows.map((row) => ({
    ...row,
    sample: sampleOf(row),
    moments: moments.filter(({ testId }) => testId === row.id),
  }))
}

function sampleOf({
  lotId,
  mixId,
  materialId,
}: Pick<StoredTest, 'lotId' | 'mixId' | 'materialId'>): Sample {
  if (lotId !== null) return { kind: 'lot', id: lotId }
  if (mixId !== null) return { kind: 'mix', id: mixId }
  if (materialId !== null) return { kind: 'material', id: materialId }
  throw new Error('A test has no sample.')
}

function columnOf({ kind, id }: Sample) {
  return {
    lotId: kind === 'lot' ? Number(id) : null,
    mixId: kind === 'mix' ? Number(id) : null,
    materialId: kind === 'material' ? String(id) : null,
  }
}

function ofSample({ kind, id }: Sample) {
  if (kind === 'lot') return eq(benchTests.lotId, Number(id))
  if (kind === 'mix') return eq(benchTests.mixId, Number(id))
  return eq(benchTests.materialId, String(id))
}
