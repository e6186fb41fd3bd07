import { eq } from 'drizzle-orm'
import type { Database } from '../database'
import { type Planting, plantingsIn } from './plantings'
import { plantings } from './plantingTables'

/** What grows in a container, in the mix that stands in it; the newest where there are several. */
export async function growingPlanting(
  db: Database,
  containerId: number,
  lotId: number,
): Promise<Planting | null> {
  const all = await plantingsIn(db, [containerId])
  return all.find((one) => one.endedOn === null && one.lotId === lotId) ?? null
}

/** What grew and grows in the mix of a lot, in all its containers, oldest first. */
export async function plantingsOfLot(
  db: Database,
  lotId: number,
): Promise<Pick<Planting, 'cropId' | 'startedOn'>[]> {
  return db
    .select({ cropId: plantings.cropId, startedOn: plantings.startedOn })
    .from(plantings)
    .where(eq(plantings.lotId, lotId))
    .orderBy(plantings.startedOn, plantings.id)
}
