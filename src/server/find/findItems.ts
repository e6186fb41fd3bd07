import { listContainers } from '../../data/containers/containers'
import { listLots } from '../../data/media/lots'
import { listWorkOrders } from '../../data/recondition/workOrders'
import type { FindAnswer } from '../../messages/find'
import type { OpenDatabase } from '../database'

/** Everything that can be gone to by name: lots, pots by code, places, open work orders. */
export async function findItems(db: OpenDatabase): Promise<FindAnswer> {
  const lots = await listLots(db)
  const containers = await listContainers(db)
  const orders = await listWorkOrders(db)
  const places = [...new Set(containers.map(({ place }) => place))]
  return {
    lots: lots.map(({ id, name }) => ({ id, name })),
    pots: containers.map(({ code, name, place, lotId }) => ({ code, name, place, lotId })),
    places: places.sort((a, b) => a.localeCompare(b)),
    orders: orders.filter(({ state }) => state === 'open').map(({ id, lotId }) => ({ id, lotId })),
  }
}
