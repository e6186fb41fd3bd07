import { desc } from 'drizzle-orm'
import { among } from '../among'
import type { Database } from '../database'
import { tellLotChanged } from '../media'
import { potIntakes } from './tables'

export type PotIntake = typeof potIntakes.$inferSelect

/** Writes down what was found in pots; their lots are seen anew. */
export async function addIntakes(
  db: Database,
  rows: readonly Omit<PotIntake, 'id'>[],
): Promise<void> {
  if (rows.length === 0) return
  await db.insert(potIntakes).values([...rows])
  for (const lotId of new Set(rows.map((row) => row.lotId))) await tellLotChanged(db, lotId)
}

/** The newest of each pot, whatever stood in it then. */
export async function intakesOfPots(
  db: Database,
  containerIds: readonly number[],
): Promise<PotIntake[]> {
  if (containerIds.length === 0) return []
  return db
    .selectDistinctOn([potIntakes.containerId])
    .from(potIntakes)
    .where(among(potIntakes.containerId, containerIds))
    .orderBy(potIntakes.containerId, desc(potIntakes.at), desc(potIntakes.id))
}
