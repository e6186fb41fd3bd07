import { and, asc, eq, gte, inArray, isNotNull, isNull, lt, or } from 'drizzle-orm'
import type { PotLogKind } from '../../core/season'
import type { TrialEvent } from '../../core/trials'
import { among } from '../among'
import type { Database } from '../database'
import { plantings, potLog } from '../season'
import { trialPots, trials } from './tables'
import type { Trial } from './trials'

/**
 * What was written down at the pots of a trial from an instant on and counts, in the order in which it happened: for the
 * trial itself, or at a pot while its plants grew there.
 */
export async function logOfTrial(
  db: Database,
  { id, potList }: Pick<Trial, 'id' | 'potList'>,
  from: Date,
): Promise<(typeof potLog.$inferSelect)[]> {
  const ids = potList.flatMap(({ containerId }) => containerId ?? [])
  const plantings = potList.flatMap(({ plantingId }) => plantingId ?? [])
  if (ids.length === 0) return []
  return db
    .select()
    .from(potLog)
    .where(
      and(
        among(potLog.containerId, ids),
        eq(potLog.takenBack, false),
        gte(potLog.at, from),
        plantings.length > 0
          ? or(eq(potLog.trialId, id), among(potLog.plantingId, plantings))
          : eq(potLog.trialId, id),
      ),
    )
    .orderBy(asc(potLog.at), asc(potLog.id))
}

/** When which pots of trials were looked at, and which died: what their schedules are told by. */
export async function looksOfTrials(
  db: Database,
  ids: readonly number[],
): Promise<
  readonly {
    readonly trialId: number
    readonly containerId: number
    readonly at: Date
    readonly kind: PotLogKind
  }[]
> {
  if (ids.length === 0) return []
  const rows = await db
    .select({
      trialId: potLog.trialId,
      containerId: potLog.containerId,
      at: potLog.at,
      kind: potLog.kind,
    })
    .from(potLog)
    .where(and(among(potLog.trialId, ids), eq(potLog.takenBack, false)))
  return rows.flatMap(({ trialId, ...row }) => (trialId === null ? [] : [{ trialId, ...row }]))
}

/** Whether an entry of a pot's log was written for a trial that is closed. */
export async function isOfClosedTrial(db: Database, entryId: number): Promise<boolean> {
  const rows = await db
    .select({ id: trials.id })
    .from(potLog)
    .innerJoin(trials, eq(trials.id, potLog.trialId))
    .where(and(eq(potLog.id, entryId), isNotNull(trials.closedAt), isNull(trials.putAwayAt)))
  return rows.length > 0
}

/** Takes back what was read at a pot for a trial between two instants: it is written anew. */
export async function takeLookBack(
  db: Database,
  {
    trialId,
    containerId,
    kinds,
    from,
    to,
  }: {
    readonly trialId: number
    readonly containerId: number
    readonly kinds: readonly PotLogKind[]
    readonly from: Date
    readonly to: Date
  },
): Promise<void> {
  if (kinds.length === 0) return
  await db
    .update(potLog)
    .set({ takenBack: true })
    .where(
      and(
        eq(potLog.trialId, trialId),
        eq(potLog.containerId, containerId),
        inArray(potLog.kind, [...kinds]),
        gte(potLog.at, from),
        lt(potLog.at, to),
      ),
    )
}

/** From which day on a pot does not count, and why; null: it counts again. */
export async function excludePot(
  db: Database,
  id: number,
  excluded: {
    readonly on: string
    readonly happened: TrialEvent | 'problem' | null
    readonly why: string
  } | null,
): Promise<void> {
  await db
    .update(trialPots)
    .set({
      excludedOn: excluded?.on ?? null,
      excludedFor: excluded?.happened ?? null,
      excludedWhy: excluded?.why || null,
    })
    .where(eq(trialPots.id, id))
}

/** The plantings of its pots, as they began and ended. */
export async function plantingsOfTrial(
  db: Database,
  { potList }: Pick<Trial, 'potList'>,
): Promise<(typeof plantings.$inferSelect)[]> {
  const ids = potList.flatMap(({ plantingId }) => plantingId ?? [])
  if (ids.length === 0) return []
  return db.select().from(plantings).where(among(plantings.id, ids))
}
