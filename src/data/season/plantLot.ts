import { and, eq, isNull, notInArray, sql } from 'drizzle-orm'
import { among } from '../among'
import { containersOfLot } from '../containers/containers'
import type { Database } from '../database'
import { Conflict } from '../errors'
import { inTransaction } from '../inTransaction'
import { lockLot } from '../media/lots'
import { innings } from '../media/lotTables'
import { plantings } from './plantingTables'

/**
 * The crop of a lot's present innings went in on a day, in all its containers; null: it is not planted yet.
 * @throws Conflict between innings, and where nothing was planted after all but plants went on from there
 */
export async function plantLot(db: Database, lotId: number, on: string | null): Promise<void> {
  await inTransaction(db, async (tx) => {
    await lockLot(tx, lotId)
    const [open] = await tx
      .update(innings)
      .set({ plantedOn: on, version: sql`${innings.version} + 1` })
      .where(and(eq(innings.lotId, lotId), isNull(innings.endedOn)))
      .returning({ id: innings.id, cropId: innings.cropId })
    if (!open) throw new Conflict('This lot is in no innings: turn it over first.')
    const there = await tx.select().from(plantings).where(eq(plantings.inningsId, open.id))
    if (on === null) {
      await requireNotMovedOn(
        tx,
        there.map(({ id }) => id),
      )
      await tx.delete(plantings).where(eq(plantings.inningsId, open.id))
      return
    }
    if (there.length > 0) {
      await tx.update(plantings).set({ startedOn: on }).where(eq(plantings.inningsId, open.id))
      return
    }
    await insertForLot(tx, { lotId, inningsId: open.id, cropId: open.cropId, on })
  })
}

/** @throws Conflict where plants of these went on into other mix: they did grow here */
async function requireNotMovedOn(db: Database, ids: readonly number[]): Promise<void> {
  if (ids.length === 0) return
  const elsewhere = await db.$count(
    plantings,
    and(among(plantings.movedFromId, ids), notInArray(plantings.id, [...ids])),
  )
  if (elsewhere > 0) {
    throw new Conflict('Plants of it were moved to another pot: take that back first.')
  }
}

async function insertForLot(
  db: Database,
  {
    lotId,
    inningsId,
    cropId,
    on,
  }: { lotId: number; inningsId: number; cropId: string | null; on: string },
): Promise<void> {
  if (cropId === null) return
  const standsIn = await containersOfLot(db, lotId)
  if (standsIn.length === 0) return
  await db.insert(plantings).values(
    standsIn.map((containerId) => ({
      containerId,
      lotId,
      inningsId,
      cropId,
      how: 'planted' as const,
      startedOn: on,
    })),
  )
}
