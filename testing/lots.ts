import { asc } from 'drizzle-orm'
import type { Database } from '../src/data/database'
import { type LotCard, lots, readLotCards } from '../src/data/media'

/** All lots of a garden that were not put away, in the order they were made. */
export async function allLots(db: Database): Promise<LotCard[]> {
  const rows = await db.select({ id: lots.id }).from(lots).orderBy(asc(lots.id))
  return readLotCards(
    db,
    rows.map(({ id }) => id),
  )
}
