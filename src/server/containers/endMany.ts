import { requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { inTransaction } from '../../data/inTransaction'
import { endPlanting, openPlantings } from '../../data/season'
import { readSite } from '../../data/site'
import type { EndMany } from '../../messages/containers/manyPots'
import { dayAt } from '../clock'
import { refuseField } from '../problem'

/**
 * Ends all that grows in these pots, alike: all of it or nothing.
 * @returns the plantings, and the lots whose season is over with that
 * @throws Refused where nothing grows in them; Conflict where it would end before it began
 */
export async function endMany(
  db: Database,
  { pots, on, growth, why, note }: EndMany,
  at: Date,
): Promise<{ readonly ids: readonly number[]; readonly lotIds: readonly number[] }> {
  const { timeZone } = await readSite(db)
  if (on > dayAt(timeZone, at)) refuseField('on', 'That day has not come yet.')
  await requireContainers(db, pots)
  const open = (await openPlantings(db)).filter(({ containerId }) => pots.includes(containerId))
  if (open.length === 0) refuseField('pots', 'Nothing grows in these pots.')
  return inTransaction(db, async (tx) => {
    const over = new Set<number>()
    for (const { id } of open) {
      const { lotId, seasonOver } = await endPlanting(tx, id, {
        endedOn: on,
        growth,
        harvestG: null,
        endedWhy: why,
        note: note.trim() || null,
      })
      if (seasonOver) over.add(lotId)
    }
    return { ids: open.map(({ id }) => id), lotIds: [...over] }
  })
}
