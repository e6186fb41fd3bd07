import Joi from 'joi'
import { EC_METHODS, type EcMethod } from '../../core/chemistry'
import { key, PH_RANGE } from '../rules'

/** How a pH was read. */
export type PhMethod = EcMethod | 'strip'

/** A reading of a lot's pH or salts, or a jar test, as it was read off. */
export type NewReading =
  | { readonly kind: 'ph'; readonly value: number; readonly method: PhMethod }
  | {
      readonly kind: 'ec'
      readonly value: number
      readonly method: EcMethod
      /** Of the liquid; readings are kept as at 25 °C. */
      readonly tempC: number
    }
  | {
      readonly kind: 'jar'
      readonly amendmentId: string
      readonly target: number
      readonly days: number
      readonly points: readonly { readonly gPerL: number; readonly ph: number }[]
    }

const missing = (what: string) => ({ 'number.base': what, 'any.required': what })

const phSchema = Joi.object({
  kind: Joi.valid('ph').required(),
  value: Joi.number()
    .min(2)
    .max(12)
    .required()
    .label('The pH')
    .messages({ ...PH_RANGE, ...missing('Say what the meter showed, such as 6.2') }),
  method: Joi.string()
    .valid(...EC_METHODS, 'strip')
    .required(),
})

const ecSchema = Joi.object({
  kind: Joi.valid('ec').required(),
  value: Joi.number()
    .min(0)
    .max(20)
    .required()
    .label('The conductivity')
    .messages(missing('Say what the meter showed in dS/m, such as 1.4')),
  method: Joi.string()
    .valid(...EC_METHODS)
    .required(),
  tempC: Joi.number()
    .min(0)
    .max(50)
    .required()
    .label('The temperature')
    .messages(missing('Say how warm the liquid was, in °C')),
})

const jarSchema = Joi.object({
  kind: Joi.valid('jar').required(),
  amendmentId: key('The product')
    .required()
    .messages({ 'string.empty': 'Choose what was stirred in' }),
  target: Joi.number()
    .min(3.5)
    .max(7.8)
    .required()
    .label('The pH wanted')
    .messages(missing('Say which pH is wanted')),
  days: Joi.number()
    .min(7)
    .max(28)
    .required()
    .label('The days the jars stood')
    .messages(missing('Say how many days the jars stood')),
  points: Joi.array()
    .items(
      Joi.object({
        gPerL: Joi.number()
          .min(0)
          .max(20)
          .required()
          .label('The dose')
          .messages(missing('Say the dose in g per litre')),
        ph: Joi.number()
          .min(2)
          .max(12)
          .required()
          .label('The pH')
          .messages({ ...PH_RANGE, ...missing('Say the pH of this jar') }),
      }),
    )
    .min(3)
    .max(20)
    .required()
    .label('The jars')
    .messages({ 'array.min': 'A jar test needs at least three jars' }),
})

export const newReadingSchema = Joi.object<NewReading>({
  kind: Joi.string().valid('ph', 'ec', 'jar').required(),
})
  .unknown()
  .when('.kind', {
    switch: [
      { is: 'ph', then: phSchema },
      { is: 'ec', then: ecSchema },
      { is: 'jar', then: jarSchema },
    ],
  }) as Joi.ObjectSchema<NewReading>

/** What a reading came to. */
export interface ReadingAnswer {
  readonly quantity: 'ph' | 'ecSme' | 'buffer'
  readonly value: number
  /** Of a jar test: the dose for the pH wanted, g/L, and the weeks it holds for. */
  readonly gPerL?: number
  readonly weeks?: number
}
