import { asc } from 'drizzle-orm'
import type { Database } from '../src/data/database'
import { lots } from '../src/data/media/lotTables'
import { type LotCard, readLotCards } from '../src/data/media/readLots'

/** All lots of a garden that were not put away, in the order they were made. */
export async function allLots(db: Database): Promise<LotCard[]> {
  const rows = await db.select({ id: lots.id }).from(lots).orderBy(asc(lots.id))
  return readLotCards(
    db,
    rows.map(({ id }) => id),
  )
}
