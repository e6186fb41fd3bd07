import type { TrialEvent, TrialMeasure } from '../../core/trials'
import type { NewTreatment, NewTrialRow } from '../trials/trials'

/** A trial of the made-up garden that is over: what its pots came to is worked out from these and a seed. */
export interface DemoTrial {
  readonly trial: Pick<
    NewTrialRow,
    | 'name'
    | 'kind'
    | 'question'
    | 'wish'
    | 'must'
    | 'mustValue'
    | 'measures'
    | 'decides'
    | 'checkDays'
    | 'cropId'
    | 'how'
    | 'perPot'
    | 'pots'
    | 'place'
    | 'potSize'
    | 'protocol'
    | 'isBlind'
  >
  readonly seed: number
  readonly plantedDaysAgo: number
  readonly lessons: string
  readonly treatments: readonly (Pick<NewTreatment, 'name' | 'medium'> &
    Partial<Pick<NewTreatment, 'added' | 'dose'>>)[]
  /** Of a side by side. */
  readonly crops?: readonly string[]
  /** Means by measure, treatment and check; of a side by side a list of crops instead of checks. */
  readonly means: Partial<Record<TrialMeasure, readonly (readonly (number | null)[])[]>>
  /** Of the pots around their mean, percent. */
  readonly cv: number
  /** Pots by treatment and place among them, what happened on which day, and whether they were left out for it. */
  readonly happened?: readonly {
    readonly treatment: number
    readonly place: number
    readonly day: number
    readonly kind: TrialEvent
    readonly note: string
    readonly isLeftOut: boolean
  }[]
}
