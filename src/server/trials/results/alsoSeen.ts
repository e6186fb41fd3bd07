import {
  holm,
  type MeasureQuestion,
  type MeasureResult,
  survivalResult,
  wishFor,
} from '../../../core/trials'
import type { Trial } from '../../../data/trials'
import type { TrialCourse } from '../look/courseOf'
import { type Deciding, dayShown, questionOf } from '../plan/trialQuestion'
import { keptResult } from './keptResult'

/** Drawn arrangements for what does not decide: its p is held against many others all the same. */
export const DRAWS_BESIDE = 9_999

/** What was also seen of a trial, every p of it adjusted over all of it. */
export interface AlsoSeen {
  /** By Holm, by treatment (the first after the control first); null where nothing tells. */
  readonly pValuesOf: (what: string, on: string) => readonly (number | null)[]
  /** So many comparisons were looked at besides the one that decides. */
  readonly count: number
}

/** Of pots that lived. */
export const SURVIVAL = 'survival'

/**
 * Everything that was read and does not decide: all measures on all days that were looked at. Who looks at so much finds
 * something by chance; Holm's p allows for it.
 */
export function alsoSeen(
  trial: Trial,
  course: TrialCourse,
  deciding: Deciding & { readonly on: string },
  isVoid: boolean,
): AlsoSeen {
  const days = [
    ...new Set([
      deciding.on,
      ...course.checks.filter(({ looked }) => looked > 0).map((check) => dayShown(course, check)),
    ]),
  ]
  const seen = days.flatMap((on) => {
    const question = questionOf(trial, course, isVoid, on)
    const measures = trial.measures.flatMap((measure) => {
      if (measure === deciding.measure && on === deciding.on) return []
      const result = resultBeside({ ...question, measure, wish: wishFor(measure, trial.wish) })
      return result ? [{ key: keyOf(measure, on), ps: psOf(result) }] : []
    })
    const lived = trial.perPot > 0 ? survivalResult(question) : null
    return lived
      ? [...measures, { key: keyOf(SURVIVAL, on), ps: lived.treatments.map(({ p }) => p) }]
      : measures
  })
  const all = seen.flatMap(({ ps }) => ps)
  const adjusted = holm(all)
  const byKey = new Map<string, readonly (number | null)[]>()
  let from = 0
  for (const { key, ps } of seen) {
    byKey.set(key, adjusted.slice(from, from + ps.length))
    from += ps.length
  }
  return {
    pValuesOf: (what, on) => byKey.get(keyOf(what, on)) ?? [],
    count: all.filter((p) => p !== null).length,
  }
}

/** What a measure says that does not decide. */
export function resultBeside(question: MeasureQuestion): MeasureResult | null {
  return keptResult({ ...question, draws: DRAWS_BESIDE })
}

function keyOf(what: string, on: string): string {
  return `${what} ${on}`
}

function psOf(result: MeasureResult): readonly (number | null)[] {
  switch (result.by) {
    case 'means':
      return result.groups.treatments.map(({ p }) => p)
    case 'counts':
      return result.counts.treatments.map(({ p }) => p)
    case 'sides':
      return result.sides.map((side) => side.result.p)
  }
}
