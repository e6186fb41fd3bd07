import type { SeedlingAnswer, SeedlingLack } from '../../core/bench'
import type {
  ControlMust,
  CountsResult,
  DoseResponse,
  GroupsResult,
  SidesResult,
  TrialCheck,
  TrialKind,
  TrialMeasure,
  Verdict,
} from '../../core/trials'
import type { LeftOutView, PotEventView } from './lookViews'
import type { TrialPage } from './trialViews'

/** What a treatment came to besides what was measured for its own sake; null where it is not known. */
export interface TreatmentOutcome {
  readonly id: number
  readonly number: number
  readonly name: string
  readonly medium: string
  readonly addedName: string | null
  readonly mediumAddress: string | null
  readonly dose: number
  readonly lotId: number | null
  /** Pots that were planted, those that still count, and those of them that died. */
  readonly planted: number
  readonly used: number
  readonly died: number
  /** Of one pot as it stands filled. */
  readonly litres: number
  readonly costPerLitre: number | null
  /** Litres of it without a price. */
  readonly isCostPartial: boolean
  /** Means of its used pots, g: picked, or weighed at the end. */
  readonly yieldG: number | null
  readonly waterLitres: number | null
  readonly firstHarvestDays: number | null
  readonly sunkCm: number | null
  /** Seedlings that nobody sowed, on a square metre. */
  readonly weedsPerM2: number | null
}

/** Counts without what only the arithmetic needs. */
export type CountsView = Pick<CountsResult, 'groups'> & {
  readonly treatments: readonly Omit<CountsResult['treatments'][number], 'fisher'>[]
}

export interface SideView {
  readonly treatment: number
  readonly crops: readonly {
    readonly cropName: string
    readonly control: number | null
    readonly other: number | null
  }[]
  readonly result: SidesResult
}

/** What one measure says at a check. */
export type MeasureView = MeasureSays & {
  /** p by treatment of what does not decide, adjusted over everything that was also seen; null: it decides. */
  readonly also: readonly (number | null)[] | null
}

export type MeasureSays =
  | {
      readonly by: 'means'
      readonly measure: TrialMeasure
      readonly wish: 'more' | 'less'
      /** Percent of the seeds, not seedlings. */
      readonly isShare: boolean
      readonly groups: GroupsResult
      readonly dose: DoseResponse | null
    }
  | {
      readonly by: 'counts'
      readonly measure: TrialMeasure
      readonly wish: 'more' | 'less'
      readonly counts: CountsView
      readonly trend: { readonly z: number; readonly p: number } | null
    }
  | {
      readonly by: 'sides'
      readonly measure: TrialMeasure
      readonly wish: 'more' | 'less'
      readonly sides: readonly SideView[]
    }

/** One pot in the picture of a measure. */
export interface PotDot {
  readonly potId: number
  readonly code: string
  readonly containerId: number
  /** null while it is scored blind. */
  readonly treatment: number | null
  readonly cropName: string | null
  /** null: it is not used. */
  readonly value: number | null
}

/** What a dose does to seedlings, and what such a test lacks to say so. */
export interface SeedlingDose {
  readonly dose: number
  readonly answer: SeedlingAnswer
  readonly missing: readonly SeedlingLack[]
}

/** How the pots came along by one measure. */
export interface GrowthView {
  readonly measure: TrialMeasure
  readonly lines: readonly {
    readonly code: string
    /** null while it is scored blind. */
    readonly treatment: number | null
    /** Days after planting and what was read then. */
    readonly points: readonly (readonly [day: number, value: number])[]
  }[]
}

export interface HappenedView extends PotEventView {
  readonly code: string
  readonly containerId: number
}

/** What a trial handed on: the standard mix for a crop, or the most of a material. */
export interface FindingView {
  readonly id: number
  readonly trialId: number
  readonly trialName: string
  readonly kind: 'standard' | 'cap'
  readonly cropId: string | null
  readonly cropName: string | null
  /** Of what it speaks. */
  readonly medium: string
  readonly mediumAddress: string | null
  /** Where it is a material, so that it is known in other rooms. */
  readonly materialId: string | null
  readonly maxPercent: number | null
  readonly on: string
}

export interface ResultsPage
  extends Pick<
    TrialPage,
    'version' | 'state' | 'cropName' | 'closedOn' | 'isHidden' | 'control' | 'lessons'
  > {
  readonly trialId: number
  readonly name: string
  readonly kind: TrialKind
  readonly question: string
  readonly wish: 'more' | 'less'
  readonly plantedOn: string
  readonly isVoid: boolean
  readonly must: ControlMust
  readonly mustValue: number
  readonly seeds: number
  readonly measures: readonly TrialMeasure[]
  readonly checks: readonly TrialCheck[]
  /** What is shown. */
  readonly measure: TrialMeasure
  readonly on: string
  readonly day: number
  /** What gets the verdict, on which day after planting, and whether that is what is shown. */
  readonly deciding: {
    readonly measure: TrialMeasure
    readonly day: number
    readonly on: string
    readonly isNamed: boolean
    readonly isShown: boolean
    /** Something of it was read on its day, whichever day is shown. */
    readonly isRead: boolean
  }
  /** Comparisons that were also seen. */
  readonly alsoCount: number
  /** What it was told by an earlier rule, as it was closed. */
  readonly earlier: {
    readonly measure: TrialMeasure
    readonly verdicts: readonly { readonly treatment: number; readonly verdict: Verdict }[]
  } | null
  readonly treatments: readonly TreatmentOutcome[]
  /** One for every measure of which something was read; none while it is scored blind. */
  readonly results: readonly MeasureView[]
  readonly survival: (CountsView & { readonly also: readonly (number | null)[] }) | null
  readonly pots: readonly PotDot[]
  /** By the measure that is shown, or the first that was read more than once. */
  readonly growth: GrowthView | null
  readonly happened: readonly HappenedView[]
  /** What was noted and photographed at its pots, oldest first. */
  readonly noted: readonly {
    readonly code: string
    readonly containerId: number
    readonly on: string
    readonly note: string | null
    readonly photoId: number | null
  }[]
  readonly leftOut: readonly (LeftOutView & { readonly code: string })[]
  /** What struck all pots of a treatment, and not all of the trial. */
  readonly effects: readonly { readonly treatment: string; readonly what: PotEventView }[]
  /** How it was laid out. */
  readonly design: {
    readonly potsOfEach: number
    readonly isInBlocks: boolean
    readonly isBlind: boolean
    readonly place: string
    readonly potName: string
  }
  /** What it handed on and still holds. */
  readonly findings: readonly FindingView[]
  /** What grew in it, to hand something on for. */
  readonly crops: readonly { readonly id: string; readonly name: string }[]
  /** Keys of the mixes, bags and lots it compares as they are; none while that is not told. */
  readonly candidates: readonly string[]
  /** Of a dose series: up to where no measure shows a loss, and up to where each of them rules harm out. */
  readonly noEffectUpTo: number | null
  readonly ruledOutUpTo: number | null
  readonly seedlings: readonly SeedlingDose[] | null
}
