import { isNull } from 'drizzle-orm'
import type { Crop } from '../../core/chemistry'
import { byName } from '../byName'
import { keep } from '../kept'
import { crops } from './tables'

/** All crops that were not put away, by name. */
export const listCrops = keep('crops', async (db): Promise<readonly Crop[]> => {
  const rows = await db.select().from(crops).where(isNull(crops.putAwayAt))
  return rows
    .map(({ origin, putAwayAt, version, ...crop }) => crop)
    .sort((a, b) => byName(a.name, b.name))
})
