import type { Range } from '../../ranges'
import type { Recipe, RecipeInput, RecipeLot, SolubleFeed } from '../recipe'
import type { Triage } from '../triage'
import type { ScheduleOptions } from '../work'

/** From the least work to the most. */
export const RUNG_IDS = ['as-is', 'part-fresh', 'compost', 'full', 'replace'] as const
export type RungId = (typeof RUNG_IDS)[number]

/** So many lots are worked out at once. */
export const MOST_LADDERS = 100

/** Why a way is not open. */
export type RungBar =
  | 'given-up'
  | 'fresh-only'
  | 'family'
  | 'food'
  | 'seedlings'
  | 'peat'
  | 'mineral'
  | 'no-fresh-mix'

/** What a way that is open leaves undone. */
export type RungNote =
  | 'litres'
  | 'no-compost'
  /** Why the way with compost has none of it. */
  | 'compost-lime-hater'
  | 'compost-ph'
  | 'compost-salt'
  | 'compost-rich'
  | 'compost-found'
  /** Fresh acid mix goes in beside it: a lime hater's pH is out of reach otherwise. */
  | 'acid-mix'
  | 'unpriced'
  | 'to-buy'

/** What a way has to reach before it is ranked by anything else. */
export type Gate = 'litres' | 'air' | 'ph' | 'ec'

export interface LadderClimate {
  readonly latitudeDeg: number
  /** Of the month that asks most. */
  readonly dayOfYear: number
  readonly tMinC: number
  readonly tMaxC: number
  readonly seasonMeanTempC: number
  /** 0.4 indoors, 0.7 in sheltered shade, 1 in the open, 1.3 windy or on hot paving. */
  readonly exposureFactor: number
}

/** Weights 0 (does not matter) to 3 (first of all), and what is ruled out. */
export interface LadderPriorities {
  readonly cost: number
  readonly effort: number
  readonly yield: number
  readonly peatFree?: boolean
  readonly noMineralFeed?: boolean
}

export interface LadderInput extends Omit<RecipeInput, 'lot' | 'base'> {
  readonly lot: Omit<RecipeLot, 'triage'> & {
    readonly triage: (RecipeLot['triage'] & Partial<Triage>) | null
  }
  readonly climate: LadderClimate
  /** ISO day on which the work may begin. */
  readonly today: string
  readonly priorities: LadderPriorities
  readonly seed?: number
  /** How this garden works, as far as days and minutes hang on it. */
  readonly habits?: ScheduleOptions['habits']
}

/** One way to go on with a lot, as it would be in the target container. Numbers are null where it cannot be made at all. */
export interface Rung {
  readonly id: RungId
  readonly allowed: boolean
  readonly recipe: Recipe | null
  /** The batch after settling. */
  readonly litres: number | null
  readonly airFraction: number | null
  readonly airRange: Range | null
  readonly waterFraction: number | null
  /** Water plants can take up, of one container, L. */
  readonly availableLitres: number | null
  /** Of one container in the month that asks most; null also where nothing is lost. */
  readonly daysBetweenWaterings: number | null
  readonly ph: number | null
  readonly ecSme: number | null
  /** Share of the crop's nitrogen met before feeding. */
  readonly nCoverage: number | null
  readonly nCoverageRange: Range | null
  readonly firstShortWeek: number | null
  readonly feedPlan: SolubleFeed | null
  /** Of what is added and fed, at the prices that are known. */
  readonly cost: number | null
  /** Ids of what the cost does not count, because no price is known. */
  readonly unpriced: readonly string[]
  readonly minutes: number | null
  /** The same with the season's feeding. */
  readonly minutesWithFeeding: number | null
  /** ISO day. */
  readonly earliestPlanting: string | null
  /** Wet weight of the batch. */
  readonly kilosToLift: number | null
  /** Further seasons with enough air when nothing is done. */
  readonly inningsLeft: number | null
  /** What of litres, air, pH and salts it does not reach; empty where it stands. */
  readonly fails: readonly Gate[]
  /** How far it falls short of them in all, as one sum of shares. */
  readonly shortfall: number | null
  /** The bars first, then what is left undone. */
  readonly warnings: readonly (RungBar | RungNote)[]
}

/** What told the best way from the next; `least-short` where none stands. */
export type BestReason = 'only-one' | 'yield' | 'cost' | 'effort' | 'first' | 'least-short'

export interface BestRung {
  readonly id: RungId
  readonly reason: BestReason
  /** What it falls short of all the same; empty where it stands. */
  readonly fails: readonly Gate[]
  /** false where one lacks a price that another has no need of, so that money told nothing. */
  readonly isByCost: boolean
}

export interface Ladder {
  readonly rungs: readonly Rung[]
  /** Of the ways that stand, by the priorities alone; null where no way is open. */
  readonly best: BestRung | null
}
