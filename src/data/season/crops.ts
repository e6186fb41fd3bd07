import { isNull } from 'drizzle-orm'
import type { Crop } from '../../core/chemistry'
import type { Database } from '../database'
import { crops } from './tables'

/** All crops that were not put away, by name. */
export async function listCrops(db: Database): Promise<Crop[]> {
  const rows = await db.select().from(crops).where(isNull(crops.putAwayAt))
  return rows
    .map(({ origin, putAwayAt, version, ...crop }) => crop)
    .sort((a, b) => a.name.localeCompare(b.name))
}
