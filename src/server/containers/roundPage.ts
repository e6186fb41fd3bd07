import { listContainers } from '../../data/containers'
import { openPlantings } from '../../data/season'
import { readSite } from '../../data/site'
import type { RoundPage, RoundPot, RoundQuery } from '../../messages/containers/round'
import type { OpenDatabase } from '../database'
import { problemChoices } from '../lots'
import { readTables } from '../tables'

/** Every pot with a mix in it and what grows there, place by place: a round is walked with it. */
export async function roundPage(db: OpenDatabase, asked: RoundQuery = {}): Promise<RoundPage> {
  const { timeZone } = await readSite(db)
  const tables = await readTables(db, timeZone)
  const crops = new Map<number, string[]>()
  for (const { containerId, cropId } of await openPlantings(db)) {
    const name = tables.crops.get(cropId)?.name ?? cropId
    crops.set(containerId, [...(crops.get(containerId) ?? []), name])
  }
  const pots = (await listContainers(db))
    .filter(({ lotId }) => lotId !== null)
    .map(
      ({ id, code, name, place }): RoundPot => ({
        id,
        code,
        name,
        place,
        crops: crops.get(id) ?? [],
      }),
    )
  return { asked, pots: byPlace(pots), problems: problemChoices(tables) }
}

/** Places in the order of their first code; within a place the pots come by code already. */
function byPlace(pots: readonly RoundPot[]): RoundPot[] {
  const places = [...new Set(pots.map(({ place }) => place))]
  return places.flatMap((place) => pots.filter((pot) => pot.place === place))
}
