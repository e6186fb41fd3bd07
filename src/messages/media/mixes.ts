import Joi from 'joi'
import type { MixFor, MixPart } from '../../data/media/mixes'
import { LARGEST_LITRES, shapeSchema } from './lots'

export type * from './mixViews'

export interface NewMixBody {
  readonly name: string
  readonly parts: readonly MixPart[]
  readonly madeFor: MixFor
  readonly note: string
}

export interface NextVersionBody extends NewMixBody {
  /** The version it was made from. */
  readonly after: number
}

const fields = {
  name: Joi.string().trim().min(1).max(80).required().label('The name').messages({
    'string.empty': 'Give the mix a name',
    'any.required': 'Give the mix a name',
    'string.max': 'Keep the name to 80 letters',
  }),
  parts: Joi.array()
    .items(
      Joi.object({
        materialId: Joi.string()
          .max(60)
          .required()
          .messages({ 'string.empty': 'Choose a material' }),
        litres: Joi.number()
          .min(0)
          .max(LARGEST_LITRES)
          .required()
          .label('The litres')
          .messages({ 'number.base': 'Say how much, such as 4 1/2 L' }),
      }),
    )
    .min(1)
    .max(50)
    .required()
    .label('The materials'),
  madeFor: Joi.object({
    container: Joi.object({
      shape: shapeSchema,
      headspaceCm: Joi.number().min(0).max(50).required().label('The headspace'),
    }).required(),
    containerName: Joi.string().allow('').max(80).required(),
    cropId: Joi.string().max(60).allow(null).required(),
    groupId: Joi.string().max(60).allow(null).required(),
    exposure: Joi.string().valid('shade', 'open', 'windy').required(),
    everyDays: Joi.number()
      .min(0.25)
      .max(60)
      .required()
      .label('How often you water')
      .messages({ 'number.base': 'Say how often you water, such as every 2 days' }),
  }).required(),
  note: Joi.string().allow('').max(1000).required().label('The note'),
}

export const newMixSchema = Joi.object<NewMixBody>(fields)

export const nextVersionSchema = Joi.object<NextVersionBody>({
  ...fields,
  after: Joi.number().integer().min(1).required(),
})

/** A batch of a mix written down as a lot. */
export interface MixToLotBody {
  /** Litres of mix wanted. */
  readonly litres: number
  readonly name: string
  readonly storeBin: string
}

export const mixToLotSchema = Joi.object<MixToLotBody>({
  litres: Joi.number()
    .greater(0)
    .max(LARGEST_LITRES)
    .required()
    .label('The litres')
    .messages({ 'number.base': 'Say how many litres of mix, such as 40 L' }),
  name: Joi.string()
    .trim()
    .min(1)
    .max(80)
    .required()
    .messages({ 'string.empty': 'Give the lot a name' }),
  storeBin: Joi.string()
    .trim()
    .min(1)
    .max(80)
    .required()
    .messages({ 'string.empty': 'Say where it waits, such as Bin 3' }),
})

export interface MixParams {
  readonly id: number
}

export const mixParamsSchema = Joi.object<MixParams>({
  id: Joi.number().integer().min(1).required().label('The number of the mix'),
})

/** Where a design begins: a recipe, a lot, a group, a bag, or nothing. */
export interface DesignQuery {
  readonly mix?: number
  readonly lot?: number
  readonly group?: string
  readonly bag?: string
}

export const designQuerySchema = Joi.object<DesignQuery>({
  mix: Joi.number().integer().min(1),
  lot: Joi.number().integer().min(1),
  group: Joi.string().max(40),
  bag: Joi.string().max(60),
}).unknown()

/** Which mixes and pots are to be compared, by their keys and numbers in the lists, separated by commas. */
export interface CompareQuery {
  readonly mixes?: string
  readonly pots?: string
}

export const compareQuerySchema = Joi.object<CompareQuery>({
  mixes: Joi.string().allow('').max(300),
  pots: Joi.string().allow('').max(40),
}).unknown()
