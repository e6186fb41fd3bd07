import { cochranArmitage } from './cochranArmitage'
import { type CountOf, type CountsResult, compareCounts } from './compareCounts'
import { compareGroups, type GroupsResult } from './compareGroups'
import { compareSides, type SideBySide, type SidesResult } from './compareSides'
import { type DoseResponse, doseResponse } from './doseResponse'
import type { PotValues } from './pots'
import { type PotCourse, potValue, usualSummary } from './potValue'
import { nearestCheck } from './trialChecks'
import type { TrialKind, TrialMeasure } from './trialKinds'

/** A pot of a trial with what was read at it. */
export interface TrialPotCourse extends PotCourse {
  /** Number of its treatment; 0 is the control. */
  readonly treatment: number
  readonly block: number | null
  /** Of a side by side: what grows in it. */
  readonly crop: string | null
}

export interface MeasureQuestion {
  readonly kind: TrialKind
  readonly measure: TrialMeasure
  readonly wish: 'more' | 'less'
  readonly isVoid: boolean
  /** Whether pots stand in blocks. */
  readonly blocks: boolean
  /** Sown in each pot, 1: each has a pot of its own, more share the luck of their tray; 0: nothing was. */
  readonly seeds: number
  /** By the number of the treatment. */
  readonly doses: readonly number[]
  readonly pots: readonly TrialPotCourse[]
  /** ISO day of planting. */
  readonly since: string
  /** The schedule, and up to which day it is asked. */
  readonly checks: readonly { readonly day: number; readonly on: string }[]
  readonly on: string
  /** Arrangements that are drawn where there are too many to look at all. */
  readonly draws?: number
}

export type MeasureResult =
  | {
      readonly by: 'means'
      /** One number a pot, by treatment: percent of its seeds where seedlings are counted. */
      readonly values: readonly PotValues[]
      readonly isShare: boolean
      readonly groups: GroupsResult
      readonly dose: DoseResponse | null
    }
  | {
      readonly by: 'counts'
      readonly counts: CountsResult
      /** Whether the share rises or falls with the dose. */
      readonly trend: { readonly z: number; readonly p: number } | null
    }
  | { readonly by: 'sides'; readonly sides: readonly Side[] }

/** One mix against the control over all crops. */
export interface Side {
  readonly treatment: number
  readonly crops: readonly (SideBySide & { readonly crop: string })[]
  readonly result: SidesResult
}

const PERCENT = 100
/** Fewer of a treatment are described, and nothing is said of a difference. */
const LEAST_TRAYS = 3
/** Counted once and kept, or weighed once: an older reading still tells. */
const KEEPS: readonly TrialMeasure[] = ['emerged', 'harvest', 'sunk']
/** Of which nobody wishes for more, whatever the trial asks. */
const LESS_IS_BETTER: readonly TrialMeasure[] = ['sunk', 'water']

/** Which way of a measure is the better one in a trial. */
export function wishFor(measure: TrialMeasure, wish: 'more' | 'less'): 'more' | 'less' {
  return LESS_IS_BETTER.includes(measure) ? 'less' : wish
}

/**
 * What one measure of a trial says on a day, by the test that its design calls for. Null where nothing of it was read by
 * then.
 */
export function measureResult(question: MeasureQuestion): MeasureResult | null {
  const { kind, measure, seeds, wish, isVoid } = question
  const values = valuesOf(question)
  if (values.every((group) => group.every((value) => value === null))) return null
  if (kind === 'side-by-side') return sidesOf(question)
  if (measure === 'emerged' && seeds > 0) {
    if (seeds > 1) return meansOf(question, sharesOf(values, seeds), true)
    const counted = values.map(countOf)
    if (counted.every(({ total }) => total > 0)) {
      const counts = compareCounts({ groups: counted, wish, isVoid })
      return { by: 'counts', counts, trend: trendOf(question, counted) }
    }
  }
  return meansOf(question, values, false)
}

/**
 * One number for every pot of every treatment at a check, in the unit in which the measure is judged: percent of the seeds
 * where seedlings are counted. null where nothing was read, or the pot does not count.
 */
export function potValuesAt(question: MeasureQuestion): readonly PotValues[] {
  const values = valuesOf(question)
  const isShare = question.measure === 'emerged' && question.seeds > 0
  return isShare ? sharesOf(values, question.seeds) : values
}

function valuesOf(question: MeasureQuestion): PotValues[] {
  return question.doses.map((_, number) =>
    question.pots
      .filter(({ treatment }) => treatment === number)
      .map((pot) => valueAt(pot, question)),
  )
}

function sharesOf(values: readonly PotValues[], seeds: number): PotValues[] {
  return values.map((group) =>
    group.map((value) => (value === null ? null : (PERCENT * value) / seeds)),
  )
}

/** Pots that live of those that count: Fisher's test, whatever the trial is about. */
export function survivalResult({
  doses,
  pots,
  isVoid,
  on,
}: Pick<MeasureQuestion, 'doses' | 'pots' | 'isVoid' | 'on'>): CountsResult | null {
  const groups = doses.map((_, number): CountOf => {
    const mine = pots.filter(
      ({ treatment, excludedFrom }) =>
        treatment === number && (excludedFrom === null || excludedFrom > on),
    )
    const dead = mine.filter(({ diedOn }) => diedOn != null && diedOn <= on)
    return { count: mine.length - dead.length, total: mine.length }
  })
  if (groups.some(({ total }) => total === 0)) return null
  return compareCounts({ groups, wish: 'more', isVoid })
}

/** A pot's number at the check that a day belongs to: what was read for an earlier one is not carried on. */
function valueAt(
  pot: TrialPotCourse,
  { measure, on, since, checks }: Pick<MeasureQuestion, 'measure' | 'on' | 'since' | 'checks'>,
): number | null {
  const carries = usualSummary(measure) === 'total' || KEEPS.includes(measure)
  const check = carries ? undefined : nearestCheck(checks, on)
  const records = check
    ? pot.records.filter((one) => nearestCheck(checks, one.on)?.on === check.on)
    : pot.records
  return potValue({ ...pot, records }, { measure, on, since })
}

function meansOf(
  { blocks, doses, kind, pots, wish, isVoid, draws }: MeasureQuestion,
  values: readonly PotValues[],
  areTrays: boolean,
): MeasureResult {
  const blocksOf = doses.map((_, number) =>
    pots.filter(({ treatment }) => treatment === number).map(({ block }) => block),
  )
  return {
    by: 'means',
    values,
    isShare: areTrays,
    groups: compareGroups({
      groups: values,
      blocks: blocks ? blocksOf : undefined,
      wish,
      isVoid,
      ...(areTrays ? { leastPots: LEAST_TRAYS } : {}),
      // Of what is only also seen nothing is planned by.
      ...(draws === undefined ? {} : { draws, plans: false }),
    }),
    dose: kind === 'dose' && wish === 'more' ? stepsOf(doses, values) : null,
  }
}

/** Doses of which no pot counts any more are left out. */
function stepsOf(doses: readonly number[], values: readonly PotValues[]): DoseResponse | null {
  const known = doses.flatMap((dose, number) => {
    const pots = values[number] ?? []
    return pots.some((value) => value !== null) ? [{ dose, pots }] : []
  })
  const isSeries = known.some(({ dose }) => dose === 0) && known.length > 1
  const isTwice = new Set(known.map(({ dose }) => dose)).size < known.length
  if (!isSeries || isTwice) return null
  return doseResponse(
    known.map(({ dose }) => dose),
    known.map(({ pots }) => pots),
  )
}

function trendOf({ kind, doses }: MeasureQuestion, counted: readonly CountOf[]) {
  if (kind !== 'dose' || new Set(doses).size < 2) return null
  return cochranArmitage(
    doses,
    counted.map(({ count }) => count),
    counted.map(({ total }) => total),
  )
}

/** A seed a pot: it came up, or it did not. */
function countOf(group: PotValues): CountOf {
  const used = group.filter((value) => value !== null)
  return { count: used.filter((value) => value > 0).length, total: used.length }
}

function sidesOf(question: MeasureQuestion): MeasureResult {
  const { doses, pots, wish, isVoid } = question
  const crops = [...new Set(pots.flatMap(({ crop }) => crop ?? []))]
  const mean = (treatment: number, crop: string): number | null => {
    const used = pots.flatMap((pot) => {
      if (pot.treatment !== treatment || pot.crop !== crop) return []
      return valueAt(pot, question) ?? []
    })
    return used.length === 0 ? null : used.reduce((sum, one) => sum + one, 0) / used.length
  }
  return {
    by: 'sides',
    sides: doses.slice(1).map((_, index) => {
      const treatment = index + 1
      const pairs = crops.map((crop) => ({
        crop,
        control: mean(0, crop),
        treatment: mean(treatment, crop),
      }))
      return {
        treatment,
        crops: pairs,
        result: compareSides({ pairs, wish, isVoid, comparisons: doses.length - 1 }),
      }
    }),
  }
}
