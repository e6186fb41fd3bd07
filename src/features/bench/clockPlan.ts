import type { BenchExpected, MomentView, TestKind, TestKit } from '../../messages/bench/benchViews'
import { elapsed } from '../../ui/elapsed'
import { bench as benchWords } from '../../ui/texts/bench/bench'

const words = benchWords.clock

/** A key of a clock, and what its moment is called. */
export interface PlannedKey {
  readonly key: string
  readonly name: string
  readonly note: string
  /** s by the sample's recipe. */
  readonly expectedS: number | null
  /** It cannot come before what stands before it. */
  readonly isInOrder: boolean
}

/** What a test's clock starts with, what can be tapped, and when it ends by itself. */
export interface ClockPlan {
  readonly start: PlannedKey
  readonly keys: readonly PlannedKey[]
  readonly endS: number | null
  readonly note: string | null
}

const DROPS = 5

/** The clock of a kind of test; null for those without one. */
export function clockPlan(
  kind: TestKind,
  kit: TestKit,
  expected: BenchExpected | null,
): ClockPlan | null {
  const key = (
    id: string,
    name: string,
    note = '',
    expectedS: number | null = null,
    isInOrder = false,
  ) => ({ key: id, name, note, expectedS, isInOrder })
  const ml = (value: number) => `${value} mL`
  switch (kind) {
    case 'drain':
    case 'layers':
      return {
        start: key('pour', words.starts[kind], words.startNotes[kind](ml(kit.pouredMl))),
        keys: [
          key('drip', words.drip, words.dripNote, expected?.firstDripS ?? null, true),
          key('mark', words.mark(ml(kit.markMl)), words.markNote, expected?.markS ?? null, true),
          key('stopped', words.stopped, words.stoppedNote(elapsed(kit.endS)), null, true),
          key('stands', words.stands, words.standsNote),
        ],
        endS: kit.endS,
        note: null,
      }
    case 'porosity':
      return {
        start: key('opened', words.starts.porosity, words.startNotes.porosity('')),
        keys: [],
        endS: kit.drainMinutes * 60,
        note: words.drained(String(kit.drainMinutes)),
      }
    case 'wetting':
      return {
        start: key('drops', words.starts.wetting, words.startNotes.wetting('')),
        keys: Array.from({ length: DROPS }, (_, i) => key(`gone${i + 1}`, words.gone(i + 1))),
        endS: null,
        note: null,
      }
    default:
      return null
  }
}

/**
 * Keys of the clock, each under its number for the whole test, the start under the first; those that were tapped, and all
 * others before the start, are off.
 */
export function clockKeys(
  { start, keys }: ClockPlan,
  moments: readonly MomentView[],
): readonly (PlannedKey & { readonly isOff: boolean; readonly isNext: boolean })[] {
  const tapped = new Set(moments.map(({ key }) => key))
  const isStarted = tapped.has(start.key)
  const all = [start, ...keys]
  const next = all.find(({ key }) => !tapped.has(key))
  return all.map((one) => ({
    ...one,
    isOff: tapped.has(one.key) || (one !== start && !isStarted),
    isNext: one === next,
  }))
}

/** Two moments that stand in the wrong order: the one that comes first in a test lies after the other. */
export function outOfOrder(
  { start, keys }: ClockPlan,
  moments: readonly MomentView[],
): readonly [earlier: string, later: string] | null {
  const timed = [start, ...keys.filter(({ isInOrder }) => isInOrder)].flatMap(({ key, name }) => {
    const at = moments.find((one) => one.key === key)?.at
    return at === undefined ? [] : [{ name, at: Date.parse(at) }]
  })
  for (const [place, one] of timed.entries()) {
    const before = timed[place - 1]
    if (before && before.at > one.at) return [before.name, one.name]
  }
  return null
}

/** Seconds of a corrected time, typed as 1:38 or 98; null for what is no time. */
export function readClockTime(text: string): number | null {
  const found = /^\s*(?:(\d{1,3}):)?(\d{1,5}(?:[.,]\d)?)\s*$/.exec(text)
  if (!found) return null
  const [, minutes, seconds = ''] = found
  const s = Number(seconds.replace(',', '.'))
  if (minutes !== undefined && s >= 60) return null
  return Number(minutes ?? 0) * 60 + s
}
