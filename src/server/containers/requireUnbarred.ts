import type { Crop } from '../../core/chemistry'
import { type CropBar, cropBars, seasonOf } from '../../core/recondition'
import type { Database } from '../../data/database'
import type { Site } from '../../data/site'
import { judgeLot, readLotFacts, refuseLimeFor, type Tables } from '../lots'
import { Refused } from '../problem'

/** @throws Refused 422 "barred" where something found in one of the lots speaks against a crop, "limed" for a lime hater */
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
    const bars = cropBars(judgeLot(facts, tables, season), crop)
    if (bars.length > 0) {
      const message = barSentence(facts.lot.name, bars)
      throw new Refused(422, 'barred', message, [{ field: 'despite', message }])
    }
    refuseLimeFor(crop, {
      what: facts.lot.name,
      components: facts.components,
      unreactedLimeGPerL: facts.unreactedLimeGPerL,
      ph: facts.ph?.value,
    })
  }
}

const ALL_THE_SAME = 'Take another, or say why all the same.'

/** The first of what speaks against it, with the day or the season it ends. */
function barSentence(name: string, [bar]: readonly CropBar[]): string {
  switch (bar?.kind) {
    case 'held':
      return bar.why === 'rest'
        ? `${name} rests until ${bar.until} because of what was found in it. ${ALL_THE_SAME}`
        : `${name} is kept apart until ${bar.until}. ${ALL_THE_SAME}`
    case 'family':
      return `What was found in ${name} keeps that crop’s family out of it until after ${bar.untilSeason}. ${ALL_THE_SAME}`
    default:
      return `What was found in ${name} speaks against that crop: take another, or say why all the same.`
  }
}
