import type { TrialCheck, TrialEvent, TrialMeasure } from '../../core/trials'
import type { BalanceKind } from '../instruments/balance'
import type { ProblemChoice } from '../media/found'
import type { ResultsPage } from './resultViews'

/** Something that happened to a pot of a trial. */
export interface PotEventView {
  readonly id: number
  readonly on: string
  readonly kind: TrialEvent | 'problem'
  /** Of the list of problems. */
  readonly problemName: string | null
  readonly note: string
}

/** Why a pot does not count from a day on. */
export interface LeftOutView {
  readonly on: string
  /** `moved`: its plants were taken out at the pot. */
  readonly happened: TrialEvent | 'problem' | 'moved' | null
  readonly why: string
}

/** A pot as whoever looks at it sees it. */
export interface LookPot {
  readonly id: number
  readonly code: string
  readonly containerId: number
  readonly block: number | null
  readonly cropName: string | null
  /** null where it is scored blind. */
  readonly treatmentName: string | null
  readonly leftOut: LeftOutView | null
  readonly diedOn: string | null
  /** What was read last before that day; of what is picked, altogether. */
  readonly before: Partial<Record<TrialMeasure, { readonly value: number; readonly on: string }>>
  /** What was read that day. */
  readonly values: Partial<Record<TrialMeasure, number>>
  readonly note: string
  readonly events: readonly PotEventView[]
}

/** A look that is due today, or was before. */
export interface LookToDo extends Pick<ResultsPage, 'trialId' | 'name' | 'day' | 'on'> {
  readonly isLate: boolean
  readonly pots: number
}

/** The pots of a trial in the order in which one walks past them. */
export interface LookPage
  extends Pick<
    ResultsPage,
    'trialId' | 'name' | 'kind' | 'plantedOn' | 'seeds' | 'measures' | 'on'
  > {
  readonly isBlind: boolean
  readonly isClosed: boolean
  /** What may be weighed is read from it. */
  readonly balance: BalanceKind
  /** What that day belongs to. */
  readonly check: TrialCheck | null
  readonly pots: readonly LookPot[]
  readonly problems: readonly ProblemChoice[]
}
