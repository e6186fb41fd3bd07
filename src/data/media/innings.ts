import { and, eq, isNull, sql } from 'drizzle-orm'
import type { Database } from '../database'
import { innings, lotFindings, lotTreatments, measurements } from './lotTables'
import { type Innings, readLot } from './readLots'

/** Closes the present innings of a lot and opens the next. */
export async function openNextInnings(
  db: Database,
  lotId: number,
  next: Pick<
    Innings,
    'cropId' | 'startedOn' | 'predicted' | 'workOrderId' | 'readyOn' | 'plantedOn' | 'litres'
  >,
): Promise<{ readonly id: number; readonly closedId: number | null }> {
  const [closed] = await db
    .update(innings)
    .set({ endedOn: next.startedOn, version: sql`${innings.version} + 1` })
    .where(and(eq(innings.lotId, lotId), isNull(innings.endedOn)))
    .returning({ id: innings.id })
  const [last] = await db
    .select({ number: sql<number>`coalesce(max(${innings.number}), 0)`.mapWith(Number) })
    .from(innings)
    .where(eq(innings.lotId, lotId))
  const [opened] = await db
    .insert(innings)
    .values({ lotId, number: (last?.number ?? 0) + 1, ...next })
    .returning({ id: innings.id })
  if (!opened) throw new Error('The innings was not opened.')
  return { id: opened.id, closedId: closed?.id ?? null }
}

/**
 * What is known of a lot goes with what was parted from it: innings it served in (their litres stay with the other lot),
 * readings of its present mix and what was seen in it.
 */
export async function copyHistory(db: Database, fromLotId: number, toLotId: number): Promise<void> {
  const from = await readLot(db, fromLotId)
  if (from.innings.length > 0) {
    await db.insert(innings).values(
      from.innings.map(({ id: _, lotId: __, version: ___, workOrderId: ____, ...one }) => ({
        ...one,
        lotId: toLotId,
        endedOn: one.endedOn ?? one.startedOn,
        litres: 0,
      })),
    )
  }
  const read = from.newest.filter(({ at }) => from.mixedAt === null || at > from.mixedAt)
  if (read.length > 0) {
    await db
      .insert(measurements)
      .values(read.map(({ id: _, lotId: __, ...one }) => ({ ...one, lotId: toLotId })))
  }
  if (from.treatments.length > 0) {
    await db
      .insert(lotTreatments)
      .values(from.treatments.map(({ id: _, lotId: __, ...one }) => ({ ...one, lotId: toLotId })))
  }
  if (from.seen.length > 0) {
    await db
      .insert(lotFindings)
      .values(from.seen.map(({ id: _, lotId: __, ...one }) => ({ ...one, lotId: toLotId })))
  }
}
