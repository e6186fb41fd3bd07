import { requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { plant } from '../../data/season'
import { readSite } from '../../data/site'
import type { NewPlantings } from '../../messages/containers/pots'
import { dayAt } from '../clock'
import { refuseField } from '../problem'
import { readTables } from '../tables'
import { requireUnbarred } from './requireUnbarred'

/**
 * Plants containers alike.
 * @throws Refused for a crop that is not known, a day to come, or a lot in which something found speaks against the crop,
 *   unless it is said why all the same
 */
export async function newPlantings(
  db: Database,
  { pots, cropId, cultivar, how, count, on, despite }: NewPlantings,
  at: Date,
): Promise<{ readonly ids: readonly number[] }> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const crop = tables.crops.get(cropId)
  if (!crop) refuseField('cropId', 'Choose a crop from the list.')
  if (on > dayAt(site.timeZone, at)) {
    refuseField('on', 'That day has not come yet: say it when it is planted.')
  }
  const containers = await requireContainers(db, pots)
  const lotIds = [...new Set(containers.flatMap(({ lotId }) => lotId ?? []))]
  if (despite.trim() === '') await requireUnbarred(db, lotIds, crop, tables, site)
  const ids = await plant(db, pots, {
    cropId,
    how,
    count,
    startedOn: on,
    cultivar: cultivar.trim() || null,
    despite: despite.trim() || null,
  })
  return { ids }
}
