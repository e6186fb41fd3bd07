import { and, eq, isNull, sql } from 'drizzle-orm'
import type { Database } from '../database'
import { lots } from './lotTables'
import { lotSummaries } from './workedOutTables'

export type LotSummary = typeof lotSummaries.$inferSelect

/** Ids of lots that were changed since their summary was written. */
export async function listStaleLots(db: Database): Promise<number[]> {
  const rows = await db
    .select({ id: lots.id })
    .from(lots)
    .leftJoin(lotSummaries, eq(lotSummaries.lotId, lots.id))
    .where(
      and(isNull(lots.putAwayAt), sql`${lotSummaries.lotVersion} is distinct from ${lots.version}`),
    )
  return rows.map(({ id }) => id)
}

/** Of all lots that were not put away. */
export async function listLotSummaries(db: Database): Promise<LotSummary[]> {
  const rows = await db
    .select({ summary: lotSummaries })
    .from(lotSummaries)
    .innerJoin(lots, eq(lots.id, lotSummaries.lotId))
    .where(isNull(lots.putAwayAt))
  return rows.map(({ summary }) => summary)
}

export async function writeLotSummaries(
  db: Database,
  summaries: readonly LotSummary[],
): Promise<void> {
  if (summaries.length === 0) return
  await db
    .insert(lotSummaries)
    .values([...summaries])
    .onConflictDoUpdate({
      target: lotSummaries.lotId,
      set: {
        lotVersion: sql`excluded.lot_version`,
        state: sql`excluded.state`,
        isInPots: sql`excluded.is_in_pots`,
        litres: sql`excluded.litres`,
        inningsCount: sql`excluded.innings_count`,
        litreInnings: sql`excluded.litre_innings`,
        airFraction: sql`excluded.air_fraction`,
        ph: sql`excluded.ph`,
      },
    })
}
