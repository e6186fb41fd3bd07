import { runsApart } from '../bench'

/** So many fit beside each other. */
export const MOST_CANDIDATES = 6

/** One number of a candidate, and how sure it is. */
export interface CandidateValue {
  readonly value: number
  /** Where it lies with four chances in five; left out where it is exact. */
  readonly likely?: readonly [low: number, high: number] | undefined
  /** Each run, where a test was repeated; left out otherwise. */
  readonly runs?: readonly number[] | undefined
}

/** Which way is the better one, or between what it is wanted. */
export type CandidateWish = 'more' | 'less' | { readonly low: number; readonly high: number }

/** Candidates by their places in what was asked. */
export interface RankedCandidates {
  /** The best first; those of which nothing is known last, as they were asked for. */
  readonly order: readonly number[]
  /** null where nothing is known of any. */
  readonly leader: number | null
  /** May be as good as the leader. */
  readonly level: readonly number[]
  /** Are told apart from the leader, by the rule. */
  readonly behind: readonly number[]
  readonly unknown: readonly number[]
}

/**
 * Whether a difference may be named: repeats of a test whose spreads do not overlap, ranges that do not meet, or exact
 * numbers that are not the same. One run of a test tells nothing apart.
 */
export function toldApart(one: CandidateValue, other: CandidateValue): boolean {
  if (one.runs && other.runs) return runsApart(one.runs, other.runs)
  const [mine, theirs] = [rangeOf(one), rangeOf(other)]
  return mine !== null && theirs !== null && (mine[0] > theirs[1] || mine[1] < theirs[0])
}

/** null for a single run, of which nobody knows how far the next would be from it. */
function rangeOf({ value, likely, runs }: CandidateValue): readonly [number, number] | null {
  if (runs) return runs.length > 1 ? [Math.min(...runs), Math.max(...runs)] : null
  return likely ?? [value, value]
}

/**
 * Puts candidates in the order of what matters to the grower, and says which of them the rule tells apart from the first.
 * @param values null where it is not known
 * @param apart decides of two that are both known; where a trial judged them, by what it found
 */
export function rankCandidates(
  values: readonly (CandidateValue | null)[],
  wish: CandidateWish,
  apart: (one: number, other: number) => boolean = (one, other) => {
    const [mine, theirs] = [values[one], values[other]]
    return mine != null && theirs != null && toldApart(mine, theirs)
  },
): RankedCandidates {
  const scored = values.flatMap((known, at) => (known ? [{ at, score: scoreOf(known, wish) }] : []))
  const unknown = values.flatMap((known, at) => (known ? [] : [at]))
  const known = scored.sort((a, b) => a.score - b.score || a.at - b.at)
  const [first, ...others] = known
  if (!first) return { order: unknown, leader: null, level: [], behind: [], unknown }
  const isBehind = ({ at, score }: (typeof known)[number]) =>
    score > first.score && apart(first.at, at)
  return {
    order: [...known.map(({ at }) => at), ...unknown],
    leader: first.at,
    level: others.filter((one) => !isBehind(one)).map(({ at }) => at),
    behind: others.filter(isBehind).map(({ at }) => at),
    unknown,
  }
}

/** The lower, the better. */
function scoreOf({ value }: CandidateValue, wish: CandidateWish): number {
  if (wish === 'more') return -value
  if (wish === 'less') return value
  return Math.max(0, wish.low - value, value - wish.high)
}
