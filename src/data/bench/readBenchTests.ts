import { and, asc, desc, eq, gt, gte, isNotNull, isNull, lt, or, sql } from 'drizzle-orm'
import type { BenchOutcome, Observation, TestKind } from '../../core/bench'
import { among } from '../among'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { groupBy } from '../groupBy'
import { lots } from '../media/lotTables'
import { materials } from '../media/materialTables'
import { mixes } from '../mixes/mixTables'
import { naturally } from '../naturally'
import { likeWord, wordsOf } from '../words'
import { benchMoments, benchTests } from './benchTables'
import { ofSample, type Sample, sampleOf } from './samples'

export type StoredTest = typeof benchTests.$inferSelect
export type StoredMoment = typeof benchMoments.$inferSelect

export interface BenchTest extends StoredTest {
  readonly sample: Sample
  /** That were not undone, in the order of their times. */
  readonly moments: readonly StoredMoment[]
}

/** Tests of a sample that were not thrown away, newest first. */
export async function listTestsOf(db: Database, sample: Sample): Promise<BenchTest[]> {
  const rows = await db
    .select()
    .from(benchTests)
    .where(and(isNull(benchTests.thrownAwayAt), ofSample(benchTests, sample)))
    .orderBy(desc(benchTests.startedAt), desc(benchTests.id))
  return withMoments(db, rows)
}

/** A finished test as far as it tells what its sample is like. */
export type TestTold = Pick<
  StoredTest,
  'id' | 'setId' | 'kind' | 'startedAt' | 'observation' | 'outcome'
>

/** Finished tests of a sample since a moment, newest first; none that was thrown away. One that ran beside another is a test of its own sample. */
export async function listFinishedTestsOf(
  db: Database,
  sample: Sample,
  { since, limit }: { readonly since: Date | null; readonly limit: number },
): Promise<TestTold[]> {
  const { id, setId, kind, startedAt, observation, outcome } = benchTests
  return db
    .select({ id, setId, kind, startedAt, observation, outcome })
    .from(benchTests)
    .where(
      and(
        isNull(benchTests.thrownAwayAt),
        isNotNull(benchTests.outcome),
        ofSample(benchTests, sample),
        since ? gte(benchTests.startedAt, since) : undefined,
      ),
    )
    .orderBy(desc(benchTests.startedAt), desc(benchTests.id))
    .limit(limit)
}

/** A finished test of a lot, as far as it tells something of the mix that is in it now. */
export interface ToldTest {
  readonly id: number
  readonly lotId: number
  readonly startedAt: Date
  readonly observation: Observation
  readonly outcome: BenchOutcome
}

/** Finished tests of these lots since they were last mixed, newest first; none that was set aside. */
export async function listTestsSinceMixing(
  db: Database,
  lotIds: readonly number[],
): Promise<ToldTest[]> {
  if (lotIds.length === 0) return []
  const rows = await db
    .select({
      id: benchTests.id,
      lotId: benchTests.lotId,
      startedAt: benchTests.startedAt,
      observation: benchTests.observation,
      outcome: benchTests.outcome,
    })
    .from(benchTests)
    .innerJoin(lots, eq(lots.id, benchTests.lotId))
    .where(
      and(
        among(benchTests.lotId, lotIds),
        isNull(benchTests.thrownAwayAt),
        isNotNull(benchTests.endedAt),
        or(isNull(lots.mixedAt), gt(benchTests.startedAt, lots.mixedAt)),
      ),
    )
    .orderBy(desc(benchTests.startedAt), desc(benchTests.id))
  return rows.flatMap(({ lotId, observation, outcome, ...row }) =>
    lotId !== null && observation && outcome ? [{ ...row, lotId, observation, outcome }] : [],
  )
}

/** The finished run before a test, of the same kind on the same sample. */
export async function readRunBefore(
  db: Database,
  { id, kind, sample }: Pick<BenchTest, 'id' | 'kind' | 'sample'>,
): Promise<StoredTest | null> {
  const [row] = await db
    .select()
    .from(benchTests)
    .where(
      and(
        isNull(benchTests.thrownAwayAt),
        isNotNull(benchTests.observation),
        eq(benchTests.kind, kind),
        lt(benchTests.id, id),
        ofSample(benchTests, sample),
      ),
    )
    .orderBy(desc(benchTests.startedAt), desc(benchTests.id))
    .limit(1)
  return row ?? null
}

/** Tests by their ids, set aside or not. */
export async function listTestsById(db: Database, ids: readonly number[]): Promise<StoredTest[]> {
  if (ids.length === 0) return []
  return db.select().from(benchTests).where(among(benchTests.id, ids))
}

/** Finished tests of a sample that do not count any more, newest first. */
export async function listSetAside(db: Database, sample: Sample): Promise<StoredTest[]> {
  return db
    .select()
    .from(benchTests)
    .where(
      and(
        isNotNull(benchTests.thrownAwayAt),
        isNotNull(benchTests.endedAt),
        ofSample(benchTests, sample),
      ),
    )
    .orderBy(desc(benchTests.startedAt), desc(benchTests.id))
}

/** What a list of tests is asked for. */
export interface TestsAsked {
  /** Words that must all be found in the name of what was tested. */
  readonly find?: string
  readonly kind?: TestKind
  /** Newest first where it is left out. */
  readonly order?: 'oldest' | 'sample'
  readonly offset: number
  readonly limit: number
}

/** Tests that are running, or a page of those that are finished. */
export async function listBenchTests(
  db: Database,
  state: 'running' | 'finished',
  { find = '', kind, order, offset, limit }: TestsAsked,
): Promise<{
  readonly rows: readonly (StoredTest & { sample: Sample })[]
  readonly total: number
}> {
  const condition = and(
    isNull(benchTests.thrownAwayAt),
    state === 'running' ? isNull(benchTests.endedAt) : isNotNull(benchTests.endedAt),
    kind && eq(benchTests.kind, kind),
    ...wordsOf(find).map((word) => sql`lower(${sampleName}) like ${likeWord(word)}`),
  )
  const newest = [desc(benchTests.startedAt), desc(benchTests.id)]
  const rows = await db
    .select()
    .from(benchTests)
    .where(condition)
    .orderBy(
      ...(order === 'oldest'
        ? [asc(benchTests.startedAt), asc(benchTests.id)]
        : order === 'sample'
          ? [naturally(sampleName), ...newest]
          : newest),
    )
    .limit(limit)
    .offset(offset)
  return {
    rows: rows.map((row) => ({ ...row, sample: sampleOf(row) })),
    total: await db.$count(benchTests, condition),
  }
}

/** Asked of each row, so that lists that are not narrowed by it need no other table. */
const sampleName = sql<string>`coalesce((select ${lots.name} from ${lots} where ${lots.id} = ${benchTests.lotId}), (select ${mixes.name} from ${mixes} where ${mixes.id} = ${benchTests.mixId}), (select ${materials.name} from ${materials} where ${materials.id} = ${benchTests.materialId}))`

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

async function withMoments(db: Database, rows: readonly StoredTest[]): Promise<BenchTest[]> {
  if (rows.length === 0) return []
  const ids = rows.map(({ id }) => id)
  const moments = await db
    .select()
    .from(benchMoments)
    .where(and(among(benchMoments.testId, ids), isNull(benchMoments.undoneAt)))
    .orderBy(asc(benchMoments.at))
  const byTest = groupBy(moments, ({ testId }) => testId)
  return rows.map((row) => ({
    ...row,
    sample: sampleOf(row),
    moments: byTest.get(row.id) ?? [],
  }))
}
