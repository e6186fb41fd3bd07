import { listContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { movePlanting, readPlanting } from '../../data/season'
import { readSite } from '../../data/site'
import type { MovePlants, PlantsMoved } from '../../messages/containers/movePlants'
import { dayAt } from '../clock'
import { refuseField } from '../problem'
import { readTables } from '../tables'
import { requireUnbarred } from './requireUnbarred'

/**
 * Plants that go on in another pot: cut back, potted on, brought in for the winter.
 * @throws Refused for a code that no pot has, a day to come, or a mix in which something found speaks against them
 */
export async function movePlants(
  db: Database,
  id: number,
  { code, on, despite }: MovePlants,
  at: Date,
): Promise<PlantsMoved> {
  const site = await readSite(db)
  if (on > dayAt(site.timeZone, at)) refuseField('on', 'That day has not come yet.')
  const { cropId, containerId } = await readPlanting(db, id)
  const asked = code.trim().toLocaleLowerCase()
  const pot = (await listContainers(db)).find((one) => one.code.toLocaleLowerCase() === asked)
  if (!pot) refuseField('code', 'No pot has that code.')
  if (pot.lotId === null) refuseField('code', `There is no mix in ${pot.code} yet: fill it first.`)
  const tables = await readTables(db, site.timeZone)
  const crop = tables.crops.get(cropId)
  const isAsked = despite.trim() === '' && pot.id !== containerId
  if (crop && isAsked) await requireUnbarred(db, [pot.lotId], crop, tables, site)
  const moved = await movePlanting(db, id, {
    containerId: pot.id,
    on,
    despite: despite.trim() || null,
  })
  return { ...moved, containerId: pot.id }
}
