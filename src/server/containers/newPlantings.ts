import { cropBars, seasonOf, triageOfLot } from '../../core/recondition'
import { requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { plant } from '../../data/season'
import { readSite } from '../../data/site'
import type { NewPlantings } from '../../messages/containers/pots'
import { dayAt } from '../clock'
import { readLotFacts } from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'

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
  if (!crop) refuse('cropId', 'Choose a crop from the list.')
  if (on > dayAt(site.timeZone, at)) {
    refuse('on', 'That day has not come yet: say it when it is planted.')
  }
  const containers = await requireContainers(db, pots)
  const lotIds = [...new Set(containers.flatMap(({ lotId }) => lotId ?? []))]
  for (const lotId of despite.trim() === '' ? lotIds : []) {
    const facts = await readLotFacts(db, tables, lotId)
    const season = seasonOf(crop, tables.today, site.latitudeDeg)
    const triage = triageOfLot({
      found: facts.found,
      problems: tables.problems,
      season,
      today: tables.today,
    })
    if (cropBars(triage, crop).length > 0) {
      const message = `What was found in ${facts.lot.name} speaks against that crop: take another, or say why all the same.`
      throw new Refused(422, 'barred', message, [{ field: 'despite', message }])
    }
  }
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

function refuse(field: string, message: string): never {
  throw new Refused(422, 'not-valid', message, [{ field, message }])
}
