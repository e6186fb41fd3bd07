import type { Database } from '../../data/database'
import { inTransaction } from '../../data/inTransaction'
import { endPlanting, readPlanting } from '../../data/season'
import { readSite } from '../../data/site'
import type { EndOfPlanting } from '../../messages/containers/pots'
import { dayAt } from '../clock'
import { Refused } from '../problem'
import { newLogEntry } from './newLogEntry'

/** Ends a planting with how it did; tells whether that was the last of its lot's season. */
export async function endOfPlanting(
  db: Database,
  id: number,
  { on, growth, harvestG, why, problems, note }: EndOfPlanting,
  at: Date,
): Promise<{ readonly lotId: number; readonly seasonOver: boolean }> {
  const { timeZone } = await readSite(db)
  if (on > dayAt(timeZone, at)) {
    const message = 'That day has not come yet.'
    throw new Refused(422, 'not-valid', message, [{ field: 'on', message }])
  }
  const { containerId } = await readPlanting(db, id)
  return inTransaction(db, async (tx) => {
    // While it still stands there: with the family of what fell ill.
    for (const problemId of problems) {
      await newLogEntry(tx, containerId, { kind: 'problem', value: null, problemId, note: '' }, at)
    }
    return endPlanting(tx, id, {
      endedOn: on,
      growth,
      harvestG,
      endedWhy: why,
      note: note.trim() || null,
    })
  })
}
