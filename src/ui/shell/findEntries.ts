import type { FindAnswer } from '../../messages/find/find'
import { mayManage } from '../mayManage'
import { common as commonWords } from '../texts/common'
import { shell as shellWords } from '../texts/parts'
import { AREAS } from './areas'
import { THEMES } from './theme'

/** A line of Find: what it is called, how it is told from others, where it leads. */
export interface FindEntry {
  readonly kind: 'lot' | 'pot' | 'place' | 'mix' | 'trial' | 'material' | 'action' | 'area' | 'look'
  readonly name: string
  readonly code?: string
  readonly note?: string
  /** Where it leads; a look leads nowhere, it is put on. */
  readonly address: string
}

/** The list of Find, in the words of the catalogue. */
export function findEntries(answer: FindAnswer): FindEntry[] {
  const { lots, pots, places, mixes, trials, materials, orders, tests } = answer
  const words = shellWords
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
      ({ id, code, name, place, lotId, lotName }): FindEntry => ({
        kind: 'pot',
        code,
        name,
        note: `${place} · ${lotId === null ? words.emptyPot : (lotName ?? '')}`,
        address: `/pots/${id}`,
      }),
    ),
    ...places.map((place): FindEntry => ({ kind: 'place', name: place, address: atPlace(place) })),
    ...mixes.map(
      ({ id, name }): FindEntry => ({ kind: 'mix', name, address: `/mixes/design?mix=${id}` }),
    ),
    ...trials.map(({ id, name }): FindEntry => ({ kind: 'trial', name, address: `/trials/${id}` })),
    ...materials.map(
      ({ id, name }): FindEntry => ({
        kind: 'material',
        name,
        address: `/bench/samples/material/${id}`,
      }),
    ),
    ...orders.map(
      ({ id, lotName }): FindEntry => ({
        kind: 'action',
        name: words.continueOrder(lotName),
        address: `/turnover/orders/${id}`,
      }),
    ),
    ...tests.map(
      ({ id, name }): FindEntry => ({
        kind: 'action',
        name: words.continueTest(name),
        address: `/bench/tests/${id}`,
      }),
    ),
    ...lots.map(
      ({ id, name }): FindEntry => ({
        kind: 'action',
        name: words.turnOver(name),
        address: `/turnover/new?lot=${id}`,
      }),
    ),
    ...AREAS.flatMap(({ actions }) =>
      actions.filter(({ isForManagers }) => !isForManagers || mayManage()),
    ).map(({ name, address }): FindEntry => ({ kind: 'action', name, address })),
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

/** Words that stand before a name: what is begun or gone on with is found by them too, but no row is named so. */
const LEADING = new Set(
  [shellWords.turnOver(''), shellWords.continueOrder(''), shellWords.continueTest('')]
    .join(' ')
    .toLocaleLowerCase()
    .split(/\s+/),
)

/** What the server is asked for: the names among the words that were typed. */
export function namesTyped(typed: string): string {
  return typed
    .split(/\s+/)
    .filter((word) => word && !LEADING.has(word.toLocaleLowerCase()))
    .join(' ')
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
