import Joi from 'joi'
import { id } from '../rules'

/** Whether there is a balance, and of which kind. */
export type BalanceKind = 'none' | 'simulated' | 'line'

/** What a balance shows now. */
export interface BalanceView {
  readonly kind: BalanceKind
  /** null: nothing comes from it. */
  readonly grams: number | null
  readonly isStable: boolean
}

/** What is laid on a simulated one: what was cut from a pot of a trial; null: nothing. */
export interface PanBody {
  readonly pot: { readonly trialId: number; readonly potId: number } | null
}

export const panSchema = Joi.object<PanBody>({
  pot: Joi.object({
    trialId: id('The trial').required(),
    potId: id('The pot of the trial').required(),
  })
    .allow(null)
    .required()
    .label('What lies on it'),
})
