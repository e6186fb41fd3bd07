import { and, desc, eq, isNotNull, isNull } from 'drizzle-orm'
import type { Database } from '../database'
import { type TrialOutcome, trials } from './tables'

/** Closed trials of which it is known what they found, the newest first. */
export async function closedTrials(
  db: Database,
  limit: number,
): Promise<
  {
    readonly id: number
    readonly version: number
    readonly name: string
    readonly cropId: string | null
    readonly outcome: TrialOutcome
  }[]
> {
  const rows = await db
    .select({
      id: trials.id,
      version: trials.version,
      name: trials.name,
      cropId: trials.cropId,
      outcome: trials.outcome,
    })
    .from(trials)
    .where(and(isNull(trials.putAwayAt), isNotNull(trials.closedAt), isNotNull(trials.outcome)))
    .orderBy(desc(trials.closedAt), desc(trials.id))
    .limit(limit)
  return rows.flatMap(({ outcome, ...row }) => (outcome ? [{ ...row, outcome }] : []))
}

/** What a closed trial found: worked out from what was read, it changes nothing that anybody decided. */
export async function setOutcome(db: Database, id: number, outcome: TrialOutcome): Promise<void> {
  await db.update(trials).set({ outcome }).where(eq(trials.id, id))
}

/** Closed trials of which nobody worked out yet what they found. */
export async function trialsWithoutOutcome(db: Database): Promise<number[]> {
  const rows = await db
    .select({ id: trials.id })
    .from(trials)
    .where(and(isNull(trials.putAwayAt), isNotNull(trials.closedAt), isNull(trials.outcome)))
  return rows.map(({ id }) => id)
}
