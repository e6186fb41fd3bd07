import type { DesignQuestion, replicatesNeeded } from '../../../core/trials'
import { howManyPots as words } from '../../../ui/texts/trials/howManyPots'
import { readNumber } from '../../readNumber'

/** What is asked of the number of pots, as typed. */
export type HowMany = {
  readonly what: 'means' | 'counts' | 'signs'
  /** Besides the control. */
  readonly treatments: string
  readonly pots: string
  readonly cv: string
  readonly differencePercent: string
  readonly seeds: string
  readonly expected: string
  readonly crops: string
}

type NumberField = Exclude<keyof HowMany, 'what'>

const RANGES: Record<NumberField, { low: number; high: number; whole: boolean }> = {
  treatments: { low: 1, high: 11, whole: true },
  pots: { low: 2, high: 100, whole: true },
  cv: { low: 1, high: 200, whole: false },
  differencePercent: { low: 1, high: 1000, whole: false },
  seeds: { low: 1, high: 200, whole: true },
  expected: { low: 1, high: 100, whole: false },
  crops: { low: 1, high: 40, whole: true },
}

/** A sentence for each field that holds no number it could be. */
export function wrongOf(values: HowMany): Partial<Record<keyof HowMany, string>> {
  const refusals = (Object.keys(RANGES) as NumberField[]).flatMap((name) => {
    const { low, high, whole } = RANGES[name]
    const value = readNumber(values[name])
    const fits = value !== null && value >= low && value <= high
    return fits && (!whole || Number.isInteger(value))
      ? []
      : [[name, words.wrong(low, high, whole)] as const]
  })
  return Object.fromEntries(refusals)
}

const PERCENT = 100

/** What the core is asked; null while a number is missing that it needs. */
export function howManyQuestion(values: HowMany): DesignQuestion | null {
  const wrong = wrongOf(values)
  const needs: Record<HowMany['what'], readonly NumberField[]> = {
    means: ['treatments', 'pots', 'cv'],
    counts: ['treatments', 'pots', 'seeds', 'expected'],
    signs: ['treatments', 'crops'],
  }
  if (needs[values.what].some((name) => wrong[name])) return null
  const number = (name: NumberField) => readNumber(values[name]) ?? 0
  const isCounts = values.what === 'counts'
  return {
    kind: values.what === 'signs' ? 'side-by-side' : isCounts ? 'count' : 'comparison',
    treatments: number('treatments') + 1,
    pots: values.what === 'signs' ? 1 : number('pots'),
    blocks: !isCounts,
    crops: values.what === 'signs' ? number('crops') : 0,
    seeds: isCounts ? number('seeds') : 0,
    cv: values.what === 'means' ? number('cv') : 20,
    controlShare: isCounts ? number('expected') / PERCENT : 0.8,
  }
}

/** Pots for the difference asked for; null while a number is missing. */
export function neededQuestion(values: HowMany): Parameters<typeof replicatesNeeded>[0] | null {
  const wrong = wrongOf(values)
  if (wrong.cv || wrong.differencePercent || wrong.treatments) return null
  return {
    cv: readNumber(values.cv) ?? 0,
    differencePercent: readNumber(values.differencePercent) ?? 0,
    comparisons: readNumber(values.treatments) ?? 1,
  }
}
