import Joi from 'joi'
import {
  type LadderInput,
  type LadderPriorities,
  MOST_LADDERS,
  type RungId,
} from '../../core/recondition'
import type { LotRow } from '../media/lotViews'
import { ids, key } from '../rules'
import type { IntakeAnswers } from './answers'

/** A lot that waits and stands in pots, to be planned with others. */
export interface PlanLotView extends Pick<LotRow, 'id' | 'name' | 'where' | 'litres' | 'strata'> {
  /** Plants stand in it now: it may be planned, its work waits for them. */
  readonly isGrowing: boolean
}

export interface PlanPage {
  readonly lots: readonly PlanLotView[]
  /** As the address names them; empty where it names none. */
  readonly asked: readonly number[]
  readonly chosen: readonly number[]
  readonly crops: readonly { readonly id: string; readonly name: string }[]
  readonly crop: string
  readonly priorities: Required<LadderPriorities>
  /** The way this garden goes by itself; null where it compares. */
  readonly usualWay: RungId | null
  /** Waiting lots in the store: they are given their pots first. */
  readonly inStore: number
}

export interface PlanQuery {
  readonly lots?: string
  readonly crop?: string
}

export const planQuerySchema = Joi.object<PlanQuery>({
  lots: ids('The lots', MOST_LADDERS).optional(),
  crop: key('The next crop').allow('').optional(),
})

export interface LaddersQuery {
  readonly lots: string
  readonly crop: string
}

export const laddersQuerySchema = Joi.object<LaddersQuery>({
  lots: ids('The lots', MOST_LADDERS).invalid('').required().messages({
    'any.invalid': 'Choose at least one lot',
    'any.required': 'Choose at least one lot',
  }),
  crop: key('The next crop')
    .required()
    .messages({ 'any.required': 'Choose the next crop', 'string.empty': 'Choose the next crop' }),
})

/** What is worked out for many lots, and what all of them share. */
export interface LaddersView {
  readonly stock: LadderInput['stock']
  readonly lots: readonly {
    readonly id: number
    /** As its own form would begin. */
    readonly answers: IntakeAnswers
    /** Of what its crop wants at least; in the pot that decides. */
    readonly airMin: number
    readonly input: Omit<LadderInput, 'stock'>
  }[]
  /** Lots that cannot be planned like this, and why. */
  readonly left: readonly { readonly id: number; readonly why: string }[]
}
