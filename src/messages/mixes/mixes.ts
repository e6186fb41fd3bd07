import Joi from 'joi'
import type { MixFor, MixPart } from '../../core/mixes'
import { EXPOSURES } from '../../core/season'
import { type ListQuery, listFields } from '../list'
import { shapeSchema } from '../media/lots'
import { id, key, line, lines, litres, litresOrNone } from '../rules'

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
  name: line('The name', 80).required().messages({
    'string.empty': 'Give the mix a name',
    'any.required': 'Give the mix a name',
    'string.max': 'Keep the name to 80 letters',
  }),
  parts: Joi.array()
    .items(
      Joi.object({
        materialId: key('The material')
          .required()
          .messages({ 'string.empty': 'Choose a material' }),
        litres: litresOrNone('The litres', 'Say how much, such as 4 1/2 L'),
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
    containerName: line('The name of the container', 80).allow('').required(),
    cropId: key('The crop').allow(null).required(),
    groupId: key('The plant group').allow(null).required(),
    exposure: Joi.string()
      .valid(...EXPOSURES)
      .required(),
    everyDays: Joi.number()
      .min(0.25)
      .max(60)
      .required()
      .label('How often you water')
      .messages({ 'number.base': 'Say how often you water, such as every 2 days' }),
  }).required(),
  note: lines('The note', 1000).allow('').required(),
}

export const newMixSchema = Joi.object<NewMixBody>(fields)

export const nextVersionSchema = Joi.object<NextVersionBody>({
  ...fields,
  after: id('The version').required(),
})

/** A batch of a mix written down as a lot. */
export interface MixToLotBody {
  /** Litres of mix wanted. */
  readonly litres: number
  readonly name: string
  readonly storeBin: string
}

export const mixToLotSchema = Joi.object<MixToLotBody>({
  litres: litres('The litres', 'Say how many litres of mix, such as 40 L'),
  name: line('The name', 80).required().messages({ 'string.empty': 'Give the lot a name' }),
  storeBin: line('The place', 80)
    .required()
    .messages({ 'string.empty': 'Say where it waits, such as Bin 3' }),
})

export interface MixParams {
  readonly id: number
}

export const mixParamsSchema = Joi.object<MixParams>({
  id: id('The number of the mix').required(),
})

/** Where a design begins: a recipe, a lot, a group, a bag, or nothing. */
export interface DesignQuery {
  readonly mix?: number
  readonly lot?: number
  readonly group?: string
  readonly bag?: string
  /** The pot and the crop it is for, where a page that knows them leads here. */
  readonly pot?: number
  readonly crop?: string
}

export const designQuerySchema = Joi.object<DesignQuery>({
  mix: id('The mix'),
  lot: id('The lot'),
  group: key('The plant group'),
  bag: key('The bag'),
  pot: id('The pot'),
  crop: key('The crop'),
}).unknown()

/** Which mixes and pots are to be compared, by their keys and numbers in the lists, separated by commas. */
export interface CompareQuery {
  readonly mixes?: string
  readonly pots?: string
}

export const compareQuerySchema = Joi.object<CompareQuery>({
  mixes: line('The mixes', 300).allow(''),
  pots: line('The pots', 40).allow(''),
}).unknown()

export const mixesQuerySchema = Joi.object<ListQuery>(listFields).unknown()
