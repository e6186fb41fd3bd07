import { and, asc, desc, eq, isNotNull, isNull, or, type SQL, sql } from 'drizzle-orm'
import type { Verdict } from '../../core/trials'
import type { Database } from '../database'
import { trialPots, trials, trialTreatments } from './tables'

/** A trial that something is part of, and as what. */
export interface TrialOf {
  readonly trialId: number
  readonly name: string
  readonly as: string
  /** What it found of it; null while it goes on, and for the control. */
  readonly verdict: Verdict | null
  readonly isVoid: boolean
}

/** Containers of trials that are scored blind and not closed yet: what is in them is not told at the pot. */
export async function blindContainers(db: Database): Promise<ReadonlySet<number>> {
  const rows = await db
    .select({ id: trialPots.containerId })
    .from(trialPots)
    .innerJoin(trials, eq(trials.id, trialPots.trialId))
    .where(
      and(
        eq(trials.isBlind, true),
        isNotNull(trials.plantedOn),
        isNull(trials.putAwayAt),
        isNull(trials.closedAt),
        isNotNull(trialPots.containerId),
      ),
    )
  return new Set(rows.flatMap(({ id }) => id ?? []))
}

/** Trials that are going on in a container. */
export async function trialsInContainer(db: Database, containerId: number): Promise<TrialOf[]> {
  return db
    .select({
      trialId: trials.id,
      name: trials.name,
      as: trialPots.code,
      verdict: sql<null>`null`,
      isVoid: sql<false>`false`,
    })
    .from(trialPots)
    .innerJoin(trials, eq(trials.id, trialPots.trialId))
    .where(
      and(
        eq(trialPots.containerId, containerId),
        isNull(trials.putAwayAt),
        isNull(trials.closedAt),
      ),
    )
    .orderBy(desc(trials.id))
}

/** Codes of all pots of trials, also of those that stand nowhere yet. */
export async function codesInUse(db: Database): Promise<ReadonlySet<string>> {
  const rows = await db.select({ code: trialPots.code }).from(trialPots)
  return new Set(rows.map(({ code }) => code))
}

/** Trials that a mix was or is a candidate of. */
export async function trialsOfMix(db: Database, mixId: number): Promise<TrialOf[]> {
  return trialsWhere(db, isMedium('mix', 'mixId', mixId))
}

/** Trials that a lot was or is a candidate of, or was made for. */
export async function trialsOfLot(db: Database, lotId: number): Promise<TrialOf[]> {
  return trialsWhere(
    db,
    sql`(${trialTreatments.lotId} = ${lotId} or ${isMedium('lot', 'lotId', lotId)})`,
  )
}

/** Trials that compare any of these, planted already, the newest first, with the version they are in. */
export async function trialsOfMedia(
  db: Database,
  {
    mixIds,
    lotIds,
    materialIds,
  }: {
    readonly mixIds: readonly number[]
    readonly lotIds: readonly number[]
    readonly materialIds: readonly string[]
  },
  limit: number,
): Promise<{ readonly id: number; readonly version: number }[]> {
  const conditions = [
    ...mixIds.map((id) => isMedium('mix', 'mixId', id)),
    ...lotIds.map(
      (id) => sql`(${trialTreatments.lotId} = ${id} or ${isMedium('lot', 'lotId', id)})`,
    ),
    ...materialIds.map((id) => isMedium('bag', 'materialId', id)),
  ]
  if (conditions.length === 0) return []
  return db
    .select({ id: trials.id, version: trials.version })
    .from(trialTreatments)
    .innerJoin(trials, eq(trials.id, trialTreatments.trialId))
    .where(and(isNull(trials.putAwayAt), isNotNull(trials.plantedOn), or(...conditions)))
    .groupBy(trials.id)
    .orderBy(desc(trials.id))
    .limit(limit)
}

/** What fills a treatment's pots, or what is tried out in it. */
function isMedium(kind: string, field: string, id: number | string): SQL {
  const has = (medium: typeof trialTreatments.medium | typeof trialTreatments.added) =>
    sql`(${medium}->>'kind' = ${kind} and ${medium}->>${field} = ${String(id)})`
  return sql`(${has(trialTreatments.medium)} or ${has(trialTreatments.added)})`
}

async function trialsWhere(db: Database, condition: SQL): Promise<TrialOf[]> {
  const rows = await db
    .select({
      trialId: trials.id,
      name: trials.name,
      as: trialTreatments.name,
      number: trialTreatments.number,
      outcome: trials.outcome,
    })
    .from(trialTreatments)
    .innerJoin(trials, eq(trials.id, trialTreatments.trialId))
    .where(and(isNull(trials.putAwayAt), condition))
    .orderBy(desc(trials.id), asc(trialTreatments.number))
  return rows.map(({ trialId, name, as, number, outcome }) => ({
    trialId,
    name,
    as,
    verdict: outcome?.treatments.find((one) => one.number === number)?.verdict ?? null,
    isVoid: outcome?.isVoid ?? false,
  }))
}
