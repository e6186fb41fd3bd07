import type { FindAnswer } from '../../messages/find'
import { texts } from '../texts'

/** A line of Find: what it is called, how it is told from others, where it leads. */
export interface FindEntry {
  readonly kind: 'lot' | 'pot' | 'place' | 'action' | 'area'
  readonly name: string
  readonly code?: string
  readonly note?: string
  readonly address: string
}

/** The list of Find, in the words of the catalogue. */
export function findEntries({ lots, pots, places, orders }: FindAnswer): FindEntry[] {
  const words = texts.shell
  const nameOf = (lotId: number) => lots.find(({ id }) => id === lotId)?.name ?? ''
  const atPlace = (place: string) => `/lots?place=${encodeURIComponent(place)}`
  return [
    ...lots.map(
      ({ id, name }): FindEntry => ({
        kind: 'lot',
        name,
        note: texts.media.lotNumber(id),
        address: `/lots/${id}`,
      }),
    ),
    ...pots.map(
      ({ code, name, place, lotId }): FindEntry => ({
        kind: 'pot',
        code,
        name,
        note: `${place} · ${lotId === null ? words.emptyPot : nameOf(lotId)}`,
        address: lotId === null ? atPlace(place) : `/lots/${lotId}`,
      }),
    ),
    ...places.map((place): FindEntry => ({ kind: 'place', name: place, address: atPlace(place) })),
    ...orders.map(
      ({ id, lotId }): FindEntry => ({
        kind: 'action',
        name: words.continueOrder(nameOf(lotId)),
        address: `/turnover/orders/${id}`,
      }),
    ),
    { kind: 'action', name: texts.media.newLot, address: '/lots/new' },
    ...lots.map(
      ({ id, name }): FindEntry => ({
        kind: 'action',
        name: words.turnOver(name),
        address: `/turnover/new?lot=${id}`,
      }),
    ),
    { kind: 'area', name: texts.common.areas.lots, address: '/lots' },
    { kind: 'area', name: texts.common.areas.turnover, address: '/turnover' },
  ]
}
