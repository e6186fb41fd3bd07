import type { FindAnswer } from '../../messages/find'
import { common as commonWords } from '../texts/common'
import { shell as shellWords } from '../texts/workshop'
import { AREAS } from './areas'
import { THEMES } from './theme'

/** A line of Find: what it is called, how it is told from others, where it leads. */
export interface FindEntry {
  readonly kind: 'lot' | 'pot' | 'place' | 'action' | 'area' | 'look'
  readonly name: string
  readonly code?: string
  readonly note?: string
  /** Where it leads; a look leads nowhere, it is put on. */
  readonly address: string
}

/** The list of Find, in the words of the catalogue. */
export function findEntries({ lots, pots, places, orders }: FindAnswer): FindEntry[] {
  const words = shellWords
  const nameOf = (lotId: number) => lots.find(({ id }) => id === lotId)?.name ?? ''
  const atPlace = (place: string) => `/lots?place=${encodeURIComponent(place)}`
  return [
    ...lots.map(
      ({ id, name }): FindEntry => ({
        kind: 'lot',
        name,
        note: commonWords.lotNumber(id),
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
    ...lots.map(
      ({ id, name }): FindEntry => ({
        kind: 'action',
        name: words.turnOver(name),
        address: `/turnover/new?lot=${id}`,
      }),
    ),
    ...AREAS.flatMap(({ actions }) => actions).map(
      ({ name, address }): FindEntry => ({ kind: 'action', name, address }),
    ),
    ...AREAS.map(({ name, address }): FindEntry => ({ kind: 'area', name, address })),
    ...THEMES.map(
      (theme): FindEntry => ({
        kind: 'look',
        name: words.themeAction(words.themes[theme]),
        address: theme,
      }),
    ),
  ]
}

/** How well an entry fits what was typed; lower is better, null not at all. Every word typed must be found. */
function rankOf({ name, code, note }: FindEntry, words: readonly string[]): number | null {
  const text = [code, name, note].filter(Boolean).join(' ').toLocaleLowerCase()
  if (!words.every((word) => text.includes(word))) return null
  const [first = ''] = words
  if (code?.toLocaleLowerCase() === first) return 0
  if (code?.toLocaleLowerCase().startsWith(first)) return 1
  if (name.toLocaleLowerCase().startsWith(first)) return 2
  return text.includes(` ${first}`) ? 3 : 4
}

/** The entries that fit, best first; all of them, as they came, while nothing is typed. */
export function matchEntries(entries: readonly FindEntry[], typed: string): FindEntry[] {
  const words = typed.toLocaleLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return [...entries]
  return entries
    .map((entry) => ({ entry, rank: rankOf(entry, words) }))
    .filter((one): one is { entry: FindEntry; rank: number } => one.rank !== null)
    .sort((a, b) => a.rank - b.rank)
    .map(({ entry }) => entry)
}

/** Tells entries apart. */
export function entryKey({ kind, code = '', name, address }: FindEntry): string {
  return `${kind} ${code} ${name} ${address}`
}
