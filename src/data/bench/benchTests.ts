import { and, eq, isNull, sql } from 'drizzle-orm'
import type {
  BenchExpected,
  BenchOutcome,
  Observation,
  TestKind,
  TestKit,
  TestWater,
} from '../../core/bench'
import type { Database } from '../database'
import { Conflict, NotFound } from '../errors'
import { inTransaction } from '../inTransaction'
import { tellLotChanged } from '../media/lots'
import { benchMoments, benchTests } from './benchTables'
import type { StoredMoment, StoredTest } from './readBenchTests'
import { columnOf, type Sample } from './samples'

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
    /** The finished test whose answers it puts right. */
    readonly correctsId?: number
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
  await inTransaction(db, async (tx) => {
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
  await inTransaction(db, async (tx) => {
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
  await inTransaction(db, async (tx) => {
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
    readonly observation: Observation
    readonly outcome: BenchOutcome
    readonly place: string
    readonly judge: string
    readonly note: string
    readonly water: TestWater | null
    readonly at: Date
  },
  also: (tx: Database) => Promise<void> = async () => {},
): Promise<void> {
  await inTransaction(db, async (tx) => {
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

/**
 * Throws a test away, or takes it up again. A finished one is set aside with its reason, and kept in its sample's history.
 * @throws NotFound
 */
export async function throwTestAway(
  db: Database,
  id: number,
  at: Date | null,
  reason: string | null = null,
): Promise<void> {
  const [row] = await db
    .update(benchTests)
    .set({ thrownAwayAt: at, setAsideFor: at === null ? null : reason })
    .where(eq(benchTests.id, id))
    .returning({ lotId: benchTests.lotId })
  if (!row) throw new NotFound(`There is no test ${id}.`)
  if (row.lotId !== null) await tellLotChanged(db, row.lotId)
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
