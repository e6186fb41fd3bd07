import { addPlace, changePlace, listContainers, listPlaces } from '../../data/containers'
import type { Database } from '../../data/database'
import { Conflict } from '../../data/errors'
import { inTransaction } from '../../data/inTransaction'
import { tellLotChanged } from '../../data/media'
import { openPlantings } from '../../data/season'
import type { NewPlaceBody, PlaceCorrection, PlacesPage } from '../../messages/containers/places'
import { refuseField } from '../problem'

/** The places of the garden, with what stands at each. */
export async function placesPage(db: Database): Promise<PlacesPage> {
  const containers = await listContainers(db)
  const planted = new Map((await openPlantings(db)).map((one) => [one.containerId, one.lotId]))
  const rows = (await listPlaces(db)).map((place) => {
    const here = containers.filter((one) => one.place === place.name)
    return {
      ...place,
      pots: here.length,
      otherwise: here.filter(({ exposure }) => exposure !== place.exposure).length,
      growing: here.filter(({ id, lotId }) => lotId !== null && planted.get(id) === lotId).length,
      litres: here.reduce((sum, { litres }) => sum + litres, 0),
    }
  })
  return { rows }
}

/** @throws Refused at its name where a place is called so */
export async function newPlace(db: Database, body: NewPlaceBody): Promise<{ readonly id: number }> {
  const { id } = await atItsName(() => addPlace(db, body))
  return { id }
}

/** What its pots lose is worked out anew. @throws Refused at its name where another place is called so */
export async function correctPlace(db: Database, id: number, body: PlaceCorrection): Promise<void> {
  await inTransaction(db, async (tx) => {
    const { lotIds } = await atItsName(() => changePlace(tx, id, body))
    for (const lotId of lotIds) await tellLotChanged(tx, lotId)
  })
}

async function atItsName<Done>(work: () => Promise<Done>): Promise<Done> {
  try {
    return await work()
  } catch (error) {
    if (error instanceof Conflict) refuseField('name', error.message)
    throw error
  }
}
