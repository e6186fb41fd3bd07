import { and, asc, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm'
import type { TrialKind } from '../../core/trials'
import { among } from '../among'
import type { Database } from '../database'
import { Conflict, NotFound, StaleWrite } from '../errors'
import { groupBy } from '../groupBy'
import { inTransaction } from '../inTransaction'
import { likeWord, wordsOf } from '../words'
import { trialPots, trials, trialTreatments } from './tables'

export type TrialRow = typeof trials.$inferSelect
export type TrialTreatment = typeof trialTreatments.$inferSelect
export type TrialPot = typeof trialPots.$inferSelect

export interface Trial extends TrialRow {
  /** The control first. */
  readonly treatments: readonly TrialTreatment[]
  /** By their places. */
  readonly potList: readonly TrialPot[]
}

type Given<Row, Key extends keyof Row> = Omit<Row, 'id' | Key>
export type NewTrialRow = Given<
  TrialRow,
  'version' | 'putAwayAt' | 'closedAt' | 'outcome' | 'plantedOn' | 'lessons' | 'stepsDone'
>
export type NewTreatment = Given<TrialTreatment, 'trialId' | 'lotId' | 'number'>
/** `treatment` is its number. */
export type NewTrialPot = Given<
  TrialPot,
  | 'trialId'
  | 'treatmentId'
  | 'plantingId'
  | 'containerId'
  | 'excludedOn'
  | 'excludedFor'
  | 'excludedWhy'
> & { readonly treatment: number; readonly containerId: number | null }

/** Writes a trial down with its treatments and the places of its pots. */
export async function createTrial(
  db: Database,
  trial: NewTrialRow,
  treatments: readonly NewTreatment[],
  pots: readonly NewTrialPot[],
): Promise<number> {
  return inTransaction(db, async (tx) => {
    const [made] = await tx.insert(trials).values(trial).returning({ id: trials.id })
    if (!made) throw new Error('The trial was not written.')
    await writeParts(tx, made.id, treatments, pots)
    return made.id
  })
}

/**
 * Writes the plan of a trial anew.
 * @throws StaleWrite, Conflict once its pots are there
 */
export async function replacePlan(
  db: Database,
  id: number,
  version: number,
  trial: Omit<NewTrialRow, 'createdAt'>,
  treatments: readonly NewTreatment[],
  pots: readonly NewTrialPot[],
): Promise<void> {
  await inTransaction(db, async (tx) => {
    const now = await readTrial(tx, id)
    requireUnplanted(now)
    if (now.potList.some(({ containerId }) => containerId !== null)) {
      throw new Conflict('Its pots are there already: plan another like it instead.')
    }
    await changeTrial(tx, id, version, { ...trial, stepsDone: {} })
    await tx.delete(trialPots).where(eq(trialPots.trialId, id))
    await tx.delete(trialTreatments).where(eq(trialTreatments.trialId, id))
    await writeParts(tx, id, treatments, pots)
  })
}

async function writeParts(
  db: Database,
  trialId: number,
  treatments: readonly NewTreatment[],
  pots: readonly NewTrialPot[],
): Promise<void> {
  const rows = await db
    .insert(trialTreatments)
    .values(treatments.map((one, number) => ({ ...one, number, trialId })))
    .returning({ id: trialTreatments.id, number: trialTreatments.number })
  const idOf = new Map(rows.map(({ id, number }) => [number, id]))
  if (pots.length === 0) return
  await db.insert(trialPots).values(
    pots.map(({ treatment, ...pot }) => ({
      ...pot,
      trialId,
      treatmentId: idOf.get(treatment) as number,
    })),
  )
}

/** A page of the trials, those that run first, the newest first; those whose name or question holds all words of `find`. */
export async function findTrials(
  db: Database,
  {
    find = '',
    offset,
    limit,
  }: { readonly find?: string; readonly offset: number; readonly limit: number },
): Promise<{ readonly rows: readonly Trial[]; readonly total: number }> {
  const condition = isNamed(find)
  const rows = await db
    .select()
    .from(trials)
    .where(condition)
    .orderBy(
      sql`${trials.closedAt} is not null`,
      sql`${trials.plantedOn} is null`,
      desc(trials.createdAt),
      desc(trials.id),
    )
    .limit(limit)
    .offset(offset)
  return { rows: await withParts(db, rows), total: await db.$count(trials, condition) }
}

/** Trials with pots that go on, the newest first. */
export async function runningTrials(db: Database): Promise<Trial[]> {
  const rows = await db
    .select()
    .from(trials)
    .where(and(isNull(trials.putAwayAt), isNull(trials.closedAt), isNotNull(trials.plantedOn)))
    .orderBy(desc(trials.id))
  return withParts(db, rows)
}

function isNamed(find: string) {
  return and(
    isNull(trials.putAwayAt),
    ...wordsOf(find).map(
      (word) => sql`lower(${trials.name} || ' ' || ${trials.question}) like ${likeWord(word)}`,
    ),
  )
}

/** Names of trials that hold all words of `find`. */
export async function findTrialNames(
  db: Database,
  find: string,
  limit: number,
): Promise<{ readonly id: number; readonly name: string }[]> {
  return db
    .select({ id: trials.id, name: trials.name })
    .from(trials)
    .where(isNamed(find))
    .orderBy(desc(trials.createdAt), desc(trials.id))
    .limit(limit)
}

/** What was learnt in trials, the newest first. */
export async function listLessons(
  db: Database,
  limit: number,
): Promise<
  {
    readonly id: number
    readonly name: string
    readonly kind: TrialKind
    readonly lessons: string
  }[]
> {
  const rows = await db
    .select({ id: trials.id, name: trials.name, kind: trials.kind, lessons: trials.lessons })
    .from(trials)
    .where(and(isNull(trials.putAwayAt), isNotNull(trials.lessons)))
    .orderBy(desc(trials.createdAt), desc(trials.id))
    .limit(limit)
  return rows.flatMap(({ lessons, ...row }) => (lessons ? [{ ...row, lessons }] : []))
}

/** @throws NotFound */
export async function readTrial(db: Database, id: number): Promise<Trial> {
  const rows = await db
    .select()
    .from(trials)
    .where(and(eq(trials.id, id), isNull(trials.putAwayAt)))
  const [found] = await withParts(db, rows)
  if (!found) throw new NotFound(`There is no trial ${id}.`)
  return found
}

async function withParts(db: Database, rows: readonly TrialRow[]): Promise<Trial[]> {
  if (rows.length === 0) return []
  const ids = rows.map(({ id }) => id)
  const treatments = await db
    .select()
    .from(trialTreatments)
    .where(among(trialTreatments.trialId, ids))
    .orderBy(asc(trialTreatments.number))
  const pots = await db
    .select()
    .from(trialPots)
    .where(among(trialPots.trialId, ids))
    .orderBy(asc(trialPots.position), asc(trialPots.id))
  const treatmentsOf = groupBy(treatments, ({ trialId }) => trialId)
  const potsOf = groupBy(pots, ({ trialId }) => trialId)
  return rows.map((row) => ({
    ...row,
    treatments: treatmentsOf.get(row.id) ?? [],
    potList: potsOf.get(row.id) ?? [],
  }))
}

/**
 * Takes a trial for a change by whoever read it last.
 * @throws StaleWrite when it was changed since it was read, NotFound
 */
export async function changeTrial(
  db: Database,
  id: number,
  version: number,
  change: Partial<Omit<TrialRow, 'id' | 'version'>> = {},
): Promise<void> {
  const [changed] = await db
    .update(trials)
    .set({ ...change, version: version + 1 })
    .where(and(eq(trials.id, id), eq(trials.version, version), isNull(trials.putAwayAt)))
    .returning({ id: trials.id })
  if (changed) return
  const now = await readTrial(db, id)
  throw new StaleWrite('This trial was changed on another page meanwhile.', {
    version: now.version,
  })
}

/** Days on which steps were done. A tick changes nothing that anybody else decides: the version stays. */
export async function setStepsDone(
  db: Database,
  id: number,
  stepsDone: TrialRow['stepsDone'],
): Promise<void> {
  await db.update(trials).set({ stepsDone }).where(eq(trials.id, id))
}

/** Other places, or the containers and plantings that pots became. */
export async function changeTrialPots(
  db: Database,
  pots: readonly ({ readonly id: number } & Partial<Omit<TrialPot, 'id' | 'trialId'>>)[],
): Promise<void> {
  for (const { id, ...change } of pots) {
    await db.update(trialPots).set(change).where(eq(trialPots.id, id))
  }
}

/** The lot that the pots of a treatment were filled with. */
export async function setTreatmentLot(db: Database, id: number, lotId: number): Promise<void> {
  await db.update(trialTreatments).set({ lotId }).where(eq(trialTreatments.id, id))
}

/**
 * Puts a trial away or takes it up again; its pots and what grows in them stay.
 * @throws NotFound
 */
export async function putAwayTrial(db: Database, id: number, at: Date | null): Promise<void> {
  const [changed] = await db
    .update(trials)
    .set({ putAwayAt: at, version: sql`${trials.version} + 1` })
    .where(eq(trials.id, id))
    .returning({ id: trials.id })
  if (!changed) throw new NotFound(`There is no trial ${id}.`)
}

/** @throws Conflict where it is planted already */
export function requireUnplanted({ plantedOn }: Pick<TrialRow, 'plantedOn'>): void {
  if (plantedOn !== null) throw new Conflict('This trial is planted: its pots stay as they are.')
}
