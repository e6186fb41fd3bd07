import type { SeedlingLack } from '../../core/bench'
import type { ContainerShape } from '../../core/containers'
import type {
  ControlMust,
  Difference,
  ProtocolStep,
  TrialCheck,
  TrialKind,
  TrialMeasure,
  TrialRisk,
  Verdict,
} from '../../core/trials'
import type { FillChoices } from '../containers/fillPot'
import type { FoundPot } from '../containers/potViews'
import type { ListPart, ListQuery } from '../list'
import type { LookPot } from './lookViews'
import type { TreatmentOutcome } from './resultViews'
import type { NewTrialBody } from './trials'

export type TrialState = 'planned' | 'ready' | 'running' | 'closed'

export interface TrialRowView extends Pick<NewTrialBody, 'name' | 'kind' | 'question' | 'pots'> {
  readonly id: number
  readonly state: TrialState
  readonly treatments: readonly string[]
  readonly cropNames: readonly string[]
  readonly plantedOn: string | null
  /** The next day it is looked at; null where none is left or nothing is planted. */
  readonly nextCheck: string | null
  /** Looks that were due before today and are not finished. */
  readonly lateLooks: number
  /** Of a closed one: what is said of each treatment but the control. */
  readonly found: readonly { readonly name: string; readonly verdict: Verdict }[]
  readonly isVoid: boolean
  /** It was judged as it was closed, by the rule before this one. */
  readonly isEarlierRule: boolean
}

/** A trial that a pot, a lot or a mix is part of. */
export interface TrialLink {
  readonly trialId: number
  readonly name: string
  /** As which treatment, or by which code. */
  readonly as: string
  /** What it found of it; null while it goes on, and for the control. */
  readonly verdict: Verdict | null
  readonly isVoid: boolean
}

/** What was learnt in an earlier trial. */
export interface LessonView {
  readonly id: number
  readonly name: string
  readonly kind: TrialKind
  readonly lessons: string
}

export interface TrialsPage {
  readonly asked: ListQuery
  readonly part: ListPart
  readonly trials: readonly TrialRowView[]
}

export interface PotSizeView {
  readonly name: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
  readonly litres: number
}

export interface FreePotView
  extends Pick<FoundPot, 'id' | 'code' | 'name' | 'place' | 'litres' | 'lotId' | 'lotName'> {}

/** What a trial may be made of. */
export interface NewTrialPage {
  readonly kind: TrialKind | null
  /** What is to be tried out, such as "mix:3:1" (its first version); empty where it was not said. */
  readonly candidate: string
  /** What an earlier trial, or the one that is changed, was planned as. */
  readonly plan: NewTrialBody | null
  readonly change: { readonly id: number; readonly version: number; readonly name: string } | null
  readonly choices: Pick<FillChoices, 'lots' | 'bags'>
  readonly mixes: readonly {
    readonly id: number
    readonly name: string
    /** The newest first. */
    readonly versions: readonly number[]
  }[]
  /** Everything that may be mixed in, bags among it. */
  readonly materials: readonly { readonly id: string; readonly name: string }[]
  readonly crops: readonly {
    readonly id: string
    readonly name: string
    readonly kind: string
    /** Its harvest is fruit that is picked. */
    readonly bearsFruit: boolean
  }[]
  readonly places: readonly string[]
  readonly sizes: readonly PotSizeView[]
  readonly freePots: readonly FreePotView[]
  readonly lessons: readonly LessonView[]
  /** How much plants varied in trials that are over, the newest first. */
  readonly varied: readonly VariedView[]
  /** The void run that this one is planned to replace. */
  readonly rerunOf: {
    readonly name: string
    readonly must: ControlMust
    readonly mustValue: number
    readonly reached: number
  } | null
}

/** How much the plants of a finished trial varied. */
export interface VariedView {
  readonly trialId: number
  readonly name: string
  readonly cropId: string | null
  readonly measure: TrialMeasure
  /** Plant to plant, percent of the control's mean. */
  readonly cv: number
  /** Block to block, and tray to tray of the share that came up, in the same percent; null where it is not known. */
  readonly blockCv: number | null
  readonly trayCv: number | null
}

export interface TrialTreatmentView
  extends Pick<
    TreatmentOutcome,
    | 'id'
    | 'number'
    | 'name'
    | 'medium'
    | 'mediumAddress'
    | 'addedName'
    | 'dose'
    | 'lotId'
    | 'litres'
  > {
  readonly potName: string
  readonly care: string
  readonly risks: readonly TrialRisk[]
  readonly pots: number
  /** Of its loose mix, that sinks with the first watering, 0 to 1. */
  readonly sinks: number
  /** What is measured out for it; of a lot there is nothing. */
  readonly parts: readonly { readonly name: string; readonly litres: number }[]
}

export interface TrialPotView
  extends Pick<LookPot, 'id' | 'code' | 'block' | 'cropName' | 'leftOut' | 'diedOn'> {
  readonly position: number
  readonly row: number
  readonly column: number
  /** Number of its treatment; null while it is scored blind and goes on. */
  readonly treatment: number | null
  readonly containerId: number | null
}

/** What speaks against a treatment for a crop of the trial, before anything is filled. */
export type CandidateRemark =
  | {
      readonly what: 'salts' | 'air-low' | 'air-high'
      readonly treatment: string
      readonly cropName: string
      /** Salts as saturated extract, dS/m; air as share of the volume. */
      readonly value: number
      readonly limit: number
    }
  /** More of a lot than there is, L. */
  | {
      readonly what: 'litres'
      /** Those that take of it. */
      readonly treatment: string
      readonly of: string
      readonly value: number
      readonly limit: number
    }

/** What the control came to so far, in the unit of what it must reach. */
export interface ControlView {
  readonly value: number
  readonly isReached: boolean
}

export interface TrialPage
  extends Pick<
    NewTrialBody,
    | 'name'
    | 'kind'
    | 'question'
    | 'wish'
    | 'must'
    | 'mustValue'
    | 'measures'
    | 'decides'
    | 'decidesDay'
    | 'how'
    | 'perPot'
    | 'pots'
    | 'isBlind'
    | 'place'
    | 'protocol'
    | 'cv'
  > {
  readonly id: number
  readonly version: number
  readonly state: TrialState
  /** Before it is planted they have no dates. */
  readonly checks: readonly (Omit<TrialCheck, 'on'> & { readonly on: string | null })[]
  /** Pots that are still looked at. */
  readonly stillIn: number
  /** null: nothing tells yet. */
  readonly control: ControlView | null
  /** ISO day; null while it goes on. */
  readonly closedOn: string | null
  readonly cropName: string | null
  readonly isInBlocks: boolean
  readonly potSize: PotSizeView
  readonly steps: readonly (ProtocolStep & { readonly doneOn: string | null })[]
  readonly crops: number
  readonly plantedOn: string | null
  readonly lessons: string
  readonly treatments: readonly TrialTreatmentView[]
  readonly potList: readonly TrialPotView[]
  /** What should be thought over before anything is filled; none once it is planted. */
  readonly remarks: readonly CandidateRemark[]
  /** What a dose series would lack as a seedling test, however well it goes; null where none is made. */
  readonly seedlingLacks: readonly SeedlingLack[] | null
  /** It is scored blind and goes on: which pot holds what is not told. */
  readonly isHidden: boolean
  /** Treatments that differ from the control in more than one way. */
  readonly mixedUp: readonly {
    readonly name: string
    readonly differences: readonly Difference[]
  }[]
}
