import type { BenchUnit, BenchVerdict, SampleKind, TestKind } from '../../core/bench'
import type { MixAnswer, MixCost, MixWish, PlaceForMix } from '../../core/mixes'
import type { TrialMeasure, Verdict } from '../../core/trials'
import type { SampleChoices } from '../bench/benchViews'
import type { LotFinding } from '../media/lotFindingViews'
import type { Reading, Stratum } from '../media/lotViews'
import type { ResultsPage, TreatmentOutcome } from './resultViews'
import type { TrialState } from './trialViews'

/** What may matter most to a grower, besides what a trial found. */
export type Criterion = 'cost' | 'air' | 'days' | 'water' | 'sunk' | 'weeds'

/** The newest run of a test with its repeats. */
export interface CandidateTest {
  readonly testId: number
  readonly kind: TestKind
  readonly on: string
  readonly runs: number
  /** Each value over its runs. */
  readonly values: readonly {
    readonly name: string
    readonly unit: BenchUnit
    readonly values: readonly number[]
  }[]
  readonly verdicts: readonly BenchVerdict[]
  /** Of a look: what was smelt and seen. */
  readonly smell: string | null
  readonly sights: readonly string[]
}

/** A mix, a bag or a lot with all that is known of it. */
export interface Candidate {
  readonly key: string
  readonly kind: SampleKind
  readonly name: string
  /** Of a recipe. */
  readonly version: number | null
  readonly address: string | null
  readonly strata: readonly Stratum[]
  /** With what it was bought or mixed for; of a lot, of what stands in it. */
  readonly cost: MixCost
  /** Litres that stand behind the cost. */
  readonly costLitres: number
  /** What it does in the pot; null where nothing is in it. */
  readonly answer: MixAnswer | null
  /** ISO day of the porosity test its water rests on; null where its recipe alone tells. */
  readonly waterTestedOn: string | null
  /** As they were read; null where they were not. */
  readonly ph: Reading | null
  readonly ecSme: Reading | null
  /** The newest of each kind. */
  readonly tests: readonly CandidateTest[]
  /** Crops that a trial made it the standard for; null: whatever grows. */
  readonly standardFor: readonly {
    readonly trialId: number
    readonly trialName: string
    readonly cropName: string | null
  }[]
  /** Of a lot: what matters most of its state. */
  readonly finding: LotFinding | null
}

/** What a candidate came to at one check. */
export interface CheckPoint {
  readonly day: number
  readonly on: string
  readonly mean: number
  /** Pots that count. */
  readonly n: number
}

/** A candidate in a trial, as one of its treatments. */
export interface CandidateInTrial
  extends Pick<TreatmentOutcome, 'number' | 'name' | 'used' | 'planted' | 'weedsPerM2' | 'sunkCm'> {
  /** An older version of the recipe; null where it is the same. */
  readonly version: number | null
  readonly yieldPerLitreG: number | null
}

/** One measure over the checks, by candidate. */
export interface CandidateMeasure {
  readonly measure: TrialMeasure
  /** Percent of the seeds. */
  readonly isShare: boolean
  readonly cells: readonly (CandidateFigures | null)[]
}

export interface CandidateFigures {
  /** Oldest first; none of a side by side. */
  readonly points: readonly CheckPoint[]
  /** Of a side by side: crops that were ahead of the control's, and behind it. */
  readonly sides: { readonly wins: number; readonly losses: number } | null
  /** Against the control, by the last check; null for the control and while nothing is judged. */
  readonly verdict: Verdict | null
}

/** What a trial says of the candidates. */
export interface CandidatesTrial
  extends Pick<ResultsPage, 'trialId' | 'name' | 'kind' | 'isVoid' | 'measure' | 'wish'> {
  readonly cropId: string | null
  readonly cropName: string | null
  readonly state: TrialState
  /** Scored blind, and it goes on. */
  readonly isHidden: boolean
  readonly controlName: string
  /** In the order of the candidates; null where one is not in it. */
  readonly treatments: readonly (CandidateInTrial | null)[]
  readonly measures: readonly CandidateMeasure[]
}

export interface CandidatesPage {
  /** Keys in the order of the address; the first is what the others are held against. */
  readonly of: readonly string[]
  /** Asked for, and not there any more. */
  readonly missing: number
  readonly by: string
  readonly samples: SampleChoices
  readonly pots: readonly {
    readonly id: number
    readonly name: string
    readonly place: string
    readonly heightCm: number
  }[]
  readonly crops: readonly { readonly id: string; readonly name: string }[]
  readonly potId: number | null
  readonly cropId: string | null
  readonly potName: string
  readonly fillHeightCm: number
  readonly wish: MixWish | null
  readonly place: PlaceForMix
  readonly month: number
  readonly candidates: readonly Candidate[]
  readonly trials: readonly CandidatesTrial[]
}
