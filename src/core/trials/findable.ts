import { DomainError } from '../errors'
import { countFindable } from './countPower'
import { replicatesNeeded, smallestDifference } from './power'
import type { TrialKind } from './trialKinds'
import { smallestFisherP, smallestMaxTP } from './verdict'

/** What a design is asked about before anything is planted. */
export interface DesignQuestion {
  readonly kind: TrialKind
  /** The control among them. */
  readonly treatments: number
  /** Of each treatment; of each crop in a side by side. */
  readonly pots: number
  readonly blocks: boolean
  /** Of a side by side. */
  readonly crops: number
  /** Sown in each pot; 0 where they are not counted. */
  readonly seeds: number
  /** Plant-to-plant variation, percent. */
  readonly cv: number
  /** Share of seeds that the control has to bring up, 0 to 1. */
  readonly controlShare: number
}

/** What more pots of each treatment would find. */
export interface PotsAndDifference {
  readonly pots: number
  readonly differencePercent: number
}

export type Findable =
  /** Means of pots are compared. */
  | {
      readonly by: 'means'
      readonly differencePercent: number
      /** Pots of each treatment for a difference of 20 %; null where no number of them would do. */
      readonly potsFor20: number | null
      readonly more: readonly PotsAndDifference[]
      /** The p that even the clearest result could not go below. */
      readonly smallestP: number
    }
  /** A seed in each pot: they are counted. */
  | { readonly by: 'counts'; readonly counts: CountsFindable }
  /** Seeds of a tray share its luck, and there are fewer than three trays of each. */
  | { readonly by: 'few-trays' }
  /** Crops are the replicates. */
  | { readonly by: 'signs'; readonly smallestP: number; readonly cropsNeeded: number }
  | { readonly by: 'nothing' }

export interface CountsFindable {
  /** Highest share of seeds up that is shown to be fewer than the control's; null: not even none. */
  readonly share: number | null
  readonly smallestP: number
}

const SHOWN = 0.05
const ASKED_PERCENT = 20
const MOST_POTS = 200
const MOST_SEEDS = 200
const LEAST_TRAYS = 3

/**
 * How small a difference a design can find (power 80 %, family-wise 5 %), and what more pots would buy.
 * @throws DomainError `bad-argument`, `too-few`, `not-finite`
 */
export function findable(design: DesignQuestion): Findable {
  const { kind, treatments, pots, crops, cv } = design
  if (treatments < 2) {
    throw new DomainError('too-few', 'A trial has at least two treatments, the control among them.')
  }
  const comparisons = treatments - 1
  if (kind === 'side-by-side') return signsOf(crops, comparisons)
  if (design.seeds === 1) return { by: 'counts', counts: countsOf(design, comparisons) }
  if (design.seeds > 1 && pots < LEAST_TRAYS) return { by: 'few-trays' }
  if (pots < 2) return { by: 'nothing' }
  const differenceWith = (n: number) =>
    smallestDifference({ nControl: n, nTreatment: n, cv, comparisons })
  const more = [...new Set([pots + 1, pots + 2, pots * 2, pots * 3])].filter((n) => n <= MOST_POTS)
  return {
    by: 'means',
    differencePercent: differenceWith(pots),
    potsFor20: replicatesNeeded({ cv, differencePercent: ASKED_PERCENT, comparisons }),
    more: more.map((n) => ({ pots: n, differencePercent: differenceWith(n) })),
    smallestP: smallestOf(design),
  }
}

/** One treatment without blocks is judged by Welch's test, which has no such floor; all else by permutation. */
function smallestOf({ treatments, pots, blocks }: DesignQuestion): number {
  if (treatments === 2 && !blocks) return 0
  const ofEach = (n: number) => Array.from({ length: treatments }, () => n)
  return smallestMaxTP(blocks ? Array.from({ length: pots }, () => ofEach(1)) : [ofEach(pots)], 1)
}

/** Two-sided sign test: even if one mix is ahead with every crop, p is 2 · ½ⁿ; several mixes share 5 % out. */
function signsOf(crops: number, comparisons: number): Findable {
  const smallest = (n: number) => Math.min(1, 2 * 0.5 ** n * comparisons)
  let cropsNeeded = 1
  while (smallest(cropsNeeded) >= SHOWN) cropsNeeded++
  return { by: 'signs', smallestP: smallest(Math.max(1, crops)), cropsNeeded }
}

function countsOf({ pots, controlShare }: DesignQuestion, comparisons: number): CountsFindable {
  const n = Math.min(MOST_SEEDS, pots)
  return {
    share: countFindable({ nControl: n, nTreatment: n, controlShare, comparisons }),
    smallestP: Math.min(1, smallestFisherP(n, n) * comparisons),
  }
}
