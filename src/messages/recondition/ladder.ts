import type { LadderPriorities, Rung, RungId } from '../../core/recondition'
import type { Why } from '../../core/why'
import type { PotView } from '../media/potViews'
import type { RecipePage } from './turnover'

/** The numbers of a way that can be asked where they come from. */
export type RungRow =
  | 'air'
  | 'days'
  | 'ph'
  | 'ec'
  | 'nitrogen'
  | 'cost'
  | 'work'
  | 'weight'
  | 'innings'

/** One way to go on with a lot, as a column of the ladder. */
export interface RungView extends Omit<Rung, 'recipe'> {
  /** What goes in beside the old mix, L and g. */
  readonly added: readonly {
    readonly name: string
    readonly amount: number
    readonly unit: 'L' | 'g'
  }[]
  readonly feedName: string | null
  /** What its cost does not count, by name. */
  readonly unpricedNames: readonly string[]
  /** Cut open in the container that decides; null where nothing would stand in it. */
  readonly pot: PotView | null
  /** By the row of the table. */
  readonly why: Readonly<Partial<Record<RungRow, Why>>>
}

/** The mix that a trial made the standard for the crop. */
export interface StandardMixView {
  readonly name: string
  readonly trialId: number
  readonly trialName: string
}

export interface LadderPage
  extends Pick<
    RecipePage,
    'lot' | 'answers' | 'crop' | 'found' | 'triage' | 'trouble' | 'openOrderId' | 'spare'
  > {
  readonly litresWanted: number
  readonly litresFound: number
  /** Counted from 0: the month that asks most. */
  readonly worstMonth: number
  readonly priorities: Required<LadderPriorities>
  readonly rungs: readonly RungView[]
  /** ISO days; null where the number was predicted. */
  readonly phMeasuredOn: string | null
  readonly ecMeasuredOn: string | null
  /** The way this garden goes by itself; null where it compares. */
  readonly usualWay: RungId | null
  /** What a new mix is made of, where a trial found it; null where it is what is usual. */
  readonly standard: StandardMixView | null
}
