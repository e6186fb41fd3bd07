import Joi from 'joi'
import type { ContainerShape } from '../../core/containers'
import { LOT_STATES, type LotState } from '../../core/media'
import { EXPOSURES, type Exposure } from '../../core/season'
import { columnsField, type ListQuery, listFields } from '../list'
import { day, id, key, line, lines, litresOrNone, version } from '../rules'

export type HandKind = 'topped-up' | 'settled' | 'lost' | 'recounted' | 'discarded' | 'emptied'

/** An entry a person writes into a ledger by hand. Litres are always typed as a plain amount, never negative. */
export interface NewEntry {
  readonly kind: HandKind
  readonly litres: number
  /** For what is topped up. */
  readonly materialId?: string
  readonly note?: string
  /** Why it is topped up although a lime hater grows in it. */
  readonly despite?: string
}

export const newEntrySchema = Joi.object<NewEntry>({
  kind: Joi.string()
    .valid('topped-up', 'settled', 'lost', 'recounted', 'discarded', 'emptied')
    .required(),
  litres: litresOrNone('The litres', 'Say how much, such as 12 L').when('kind', {
    is: 'emptied',
    otherwise: Joi.number().invalid(0).messages({ 'any.invalid': 'Say how much, such as 12 L' }),
  }),
  materialId: key('The material').when('kind', {
    is: 'topped-up',
    then: Joi.required().messages({ 'any.required': 'Say what was topped up' }),
  }),
  note: lines('The note', 500).allow(''),
  despite: lines('The reason', 300).allow('').default(''),
})

export interface NewLotBody {
  readonly name: string
  readonly origin: 'bag' | 'own recipe' | 'unknown'
  /** Seasons it has served already; null where it is new or nobody knows. */
  readonly years?: number | null
  readonly components: readonly { readonly materialId: string; readonly litres: number }[]
  /** Where it stands: containers of one kind, or a store bin. */
  readonly place: string
  readonly container: {
    readonly shape: ContainerShape
    readonly headspaceCm: number
    readonly exposure: Exposure
    readonly count: number
  } | null
  /** What becomes of litres that do not go into the containers; refused where it is left out. */
  readonly rest?: 'store'
}

/** The lot that was made, and the one in the store that took what did not go in. */
export interface NewLotAnswer {
  readonly id: number
  readonly restId: number | null
}

const lengthCm = (label: string) =>
  Joi.number().min(1).max(500).required().label(label).messages({
    'number.base': '{{#label}} is missing: a length such as 34 cm',
    'any.required': '{{#label}} is missing: a length such as 34 cm',
    'number.min': '{{#label}} is less than 1 cm: nothing grows in that',
    'number.max': '{{#label}} is more than 5 m: enter a bed as several containers',
  })

export const shapeSchema = Joi.alternatives()
  .conditional('.kind', {
    switch: [
      {
        is: 'round',
        then: Joi.object({
          kind: Joi.valid('round').required(),
          topDiameterCm: lengthCm('The diameter at the top'),
          baseDiameterCm: lengthCm('The diameter at the base'),
          heightCm: lengthCm('The height'),
        }),
      },
      {
        is: 'rectangular',
        then: Joi.object({
          kind: Joi.valid('rectangular').required(),
          topLengthCm: lengthCm('The length at the top'),
          topWidthCm: lengthCm('The width at the top'),
          baseLengthCm: lengthCm('The length at the base'),
          baseWidthCm: lengthCm('The width at the base'),
          heightCm: lengthCm('The height'),
        }),
      },
      {
        is: 'bowl',
        then: Joi.object({
          kind: Joi.valid('bowl').required(),
          rimDiameterCm: lengthCm('The diameter at the rim'),
          heightCm: lengthCm('The height'),
        }),
      },
    ],
    otherwise: Joi.forbidden().messages({
      'any.unknown': 'A container is round, rectangular or a bowl',
    }),
  })
  .required()

const nameSchema = line('The name', 80)
  .required()
  .messages({ 'string.empty': 'Give the lot a name', 'any.required': 'Give the lot a name' })

export const newLotSchema = Joi.object<NewLotBody>({
  name: nameSchema,
  origin: Joi.string().valid('bag', 'own recipe', 'unknown').required(),
  years: Joi.number().min(0).max(100).allow(null).default(null).label('The seasons').messages({
    'number.base': 'Say how many seasons, such as 3, or leave it empty',
    'number.max': 'More than a hundred seasons: say how many',
  }),
  components: Joi.array()
    .items(
      Joi.object({
        materialId: key('The material')
          .required()
          .messages({ 'string.empty': 'Choose a material' }),
        litres: litresOrNone('The litres', 'Say how much, such as 12 L'),
      }),
    )
    .min(1)
    .max(50)
    .required()
    .label('The materials'),
  place: line('The place', 80)
    .required()
    .messages({ 'string.empty': 'Say where it stands', 'any.required': 'Say where it stands' }),
  container: Joi.object({
    shape: shapeSchema,
    headspaceCm: Joi.number().min(0).max(50).required().label('The headspace'),
    exposure: Joi.string()
      .valid(...EXPOSURES)
      .default('open')
      .label('Sun and wind'),
    count: Joi.number().integer().min(1).max(200).required().label('The number of containers'),
  })
    .allow(null)
    .required(),
  rest: Joi.string().valid('store'),
})

export interface RenameLot {
  readonly name: string
  readonly version: number
}

export const renameLotSchema = Joi.object<RenameLot>({
  name: nameSchema,
  version: version(0),
})

/** How much sun and wind reaches a lot's containers. */
export interface NewExposure {
  readonly exposure: Exposure
}

export const exposureSchema = Joi.object<NewExposure>({
  exposure: Joi.string()
    .valid(...EXPOSURES)
    .required()
    .label('Sun and wind')
    .messages({ 'any.only': 'Choose how much sun and wind reaches it' }),
})

export interface Planted {
  /** ISO day; null: not planted after all. */
  readonly on: string | null
}

export const plantedSchema = Joi.object<Planted>({
  on: day('The day it was planted').allow(null).required().messages({
    'any.required': 'Say on which day it was planted',
    'string.empty': 'Say on which day it was planted',
  }),
})

export interface TakeUpLot {
  readonly containerIds: readonly number[]
}

export const takeUpLotSchema = Joi.object<TakeUpLot>({
  containerIds: Joi.array().items(id('The container')).max(500).unique().required(),
})

/** What lots may be sorted by; ".down" begins with the largest. */
export const LOT_ORDERS = [
  'name',
  'name.down',
  'litres',
  'litres.down',
  'innings',
  'innings.down',
  'air',
  'air.down',
  'ph',
  'ph.down',
] as const
export type LotOrder = (typeof LOT_ORDERS)[number]
/** Columns of the list of lots that may be left out. */
export const LOT_COLUMNS = ['litres', 'innings', 'air', 'ph', 'now'] as const
export type LotColumn = (typeof LOT_COLUMNS)[number]

/** What the list of lots may be asked for. */
export interface LotsQuery extends ListQuery {
  /** One place only. */
  readonly place?: string
  readonly state?: LotState
  /** By number, where it is left out. */
  readonly order?: LotOrder
  /** Names of columns, with commas between; all where it is left out. */
  readonly columns?: string
}

export const lotsQuerySchema = Joi.object<LotsQuery>({
  ...listFields,
  place: line('The place', 80),
  state: Joi.string()
    .valid(...LOT_STATES)
    .label('The state'),
  order: Joi.string()
    .valid(...LOT_ORDERS)
    .label('The order'),
  columns: columnsField(LOT_COLUMNS),
}).unknown()

export interface LotParams {
  readonly id: number
}

export const lotParamsSchema = Joi.object<LotParams>({
  id: id('The number of the lot').required(),
})

export interface EntryParams extends LotParams {
  readonly entryId: number
}

export const entryParamsSchema = Joi.object<EntryParams>({
  id: id('The number of the lot').required(),
  entryId: id('The number of the entry').required(),
})

export interface ReverseBody {
  readonly note?: string
}

export const reverseSchema = Joi.object<ReverseBody>({ note: lines('The note', 500).allow('') })
