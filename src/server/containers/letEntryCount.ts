import { Conflict } from '../../data/errors'
import { setLogCounts } from '../../data/season'
import { isOfClosedTrial } from '../../data/trials'
import type { OpenDatabase } from '../database'

/**
 * An entry of a pot's log counts, or was taken back.
 * @throws NotFound; Conflict where a closed trial rests on it
 */
export async function letEntryCount(
  db: OpenDatabase,
  id: number,
  counts: boolean,
  at: Date,
): Promise<void> {
  if (await isOfClosedTrial(db, id)) {
    throw new Conflict('A closed trial rests on this: open the trial again first.')
  }
  await setLogCounts(db, id, counts, at)
}
