import { plantingsIn } from '../../data/season'
import type { OpenDatabase } from '../database'

/** What grew last in each of these pots. */
export async function lastCropsIn(
  db: OpenDatabase,
  potIds: readonly number[],
): Promise<ReadonlyMap<number, string>> {
  // Newest first: the first of a pot is its last.
  const all = await plantingsIn(db, potIds)
  return new Map([...all].reverse().map(({ containerId, cropId }) => [containerId, cropId]))
}
