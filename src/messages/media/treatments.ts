import Joi from 'joi'
import { TREATMENT_KINDS, type TreatmentKind } from '../../core/recondition'
import { day, id, lines } from '../rules'
import type { LotParams } from './lots'

/** What was done with a lot, or decided of it. */
export interface NewTreatment {
  readonly kind: TreatmentKind
  /** How deep the top was taken off; only of a skim. */
  readonly skimCm: number | null
  /** Where the top went: a small lot of its own in the store, or away. */
  readonly topTo: 'store' | 'bin'
  /** ISO day from which on it may be used again; only of a quarantine. */
  readonly until: string | null
  /** Why; asked for where it is kept apart or used all the same. */
  readonly note: string
}

export interface TreatmentAnswer {
  readonly id: number
  /** The lot that the top became; null where there is none. */
  readonly topLotId: number | null
}

export const newTreatmentSchema = Joi.object<NewTreatment>({
  kind: Joi.string()
    .valid(...TREATMENT_KINDS)
    .required()
    .label('What was done')
    .messages({ 'any.required': 'Choose what was done', 'any.only': 'Choose what was done' }),
  skimCm: Joi.number()
    .greater(0)
    .max(50)
    .allow(null)
    .default(null)
    .label('How deep the top was taken off'),
  topTo: Joi.string().valid('store', 'bin').default('bin').label('Where the top went'),
  until: day('The day').allow(null).default(null),
  note: lines('The reason', 300).allow('').default(''),
})

export interface TreatmentParams extends LotParams {
  readonly treatmentId: number
}

export const treatmentParamsSchema = Joi.object<TreatmentParams>({
  id: id('The number of the lot').required(),
  treatmentId: id('The number of the treatment').required(),
})

/** Whether it still counts, or was taken back; whether it goes on, or was ended. */
export type TreatmentChange = { readonly counts: boolean } | { readonly goesOn: boolean }

export const treatmentChangeSchema = Joi.object<{ counts?: boolean; goesOn?: boolean }>({
  counts: Joi.boolean().label('Whether it counts'),
  goesOn: Joi.boolean().label('Whether it goes on'),
})
  .xor('counts', 'goesOn')
  .messages({
    'object.missing': 'Say whether it counts or whether it goes on',
    'object.xor': 'Say one of the two: whether it counts, or whether it goes on',
  })
