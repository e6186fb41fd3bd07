import type { Crop } from '../../core/chemistry'
import { cropBars, seasonOf, triageOfLot } from '../../core/recondition'
import type { Database } from '../../data/database'
import type { Site } from '../../data/site'
import { readLotFacts, type Tables } from '../lots'
import { Refused } from '../problem'

/** @throws Refused 422 "barred" where something found in one of the lots speaks against a crop */
export async function requireUnbarred(
  db: Database,
  lotIds: readonly number[],
  crop: Crop,
  tables: Tables,
  site: Pick<Site, 'latitudeDeg'>,
): Promise<void> {
  for (const lotId of lotIds) {
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
}
