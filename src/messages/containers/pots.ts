import Joi from 'joi'
import type { ContainerShape } from '../../core/containers'
import {
  ENDINGS,
  type Ending,
  EXPOSURES,
  type Exposure,
  type GrowthScore,
  HOW_PLANTED,
  type HowPlanted,
  POT_LOG_KINDS,
  type PotLogKind,
} from '../../core/season'
import { columnsField, type ListQuery, listFields } from '../list'
import { shapeSchema } from '../media/lots'
import { day, id, key, line, lines, version } from '../rules'

/** What a list of pots may be narrowed to. */
const POT_STATES = ['growing', 'waiting', 'empty'] as const
export type PotState = (typeof POT_STATES)[number]
const POT_ORDERS = [
  'code',
  'code.down',
  'place',
  'place.down',
  'litres',
  'litres.down',
  'crop',
  'crop.down',
] as const

export type PotOrder = (typeof POT_ORDERS)[number]

/** What a list of pots can show of each. */
const POT_COLUMNS = ['grows', 'lot', 'litres', 'innings', 'size', 'exposure'] as const
export type PotColumn = (typeof POT_COLUMNS)[number]

export interface PotsQuery extends ListQuery {
  readonly place?: string
  readonly state?: PotState
  readonly order?: PotOrder
  /** Names of columns, with commas between; the usual ones where it is left out. */
  readonly columns?: string
}

export const potsQuerySchema = Joi.object<PotsQuery>({
  ...listFields,
  place: line('The place', 80),
  state: Joi.string()
    .valid(...POT_STATES)
    .label('Which pots'),
  order: Joi.string()
    .valid(...POT_ORDERS)
    .label('The order'),
  columns: columnsField(POT_COLUMNS),
})

export interface PotParams {
  readonly id: number
}

export const potParamsSchema = Joi.object<PotParams>({
  id: id('The number of the container').required(),
})

export const plantingParamsSchema = Joi.object<PotParams>({
  id: id('The number of the planting').required(),
})

export const logParamsSchema = Joi.object<PotParams>({
  id: id('The number of the log entry').required(),
})

export interface NewPlantings {
  /** Containers planted alike. */
  readonly pots: readonly number[]
  readonly cropId: string
  readonly cultivar: string
  readonly how: HowPlanted
  /** Plants in each; null where nobody counted. */
  readonly count: number | null
  readonly on: string
  /** Why all the same, where something found speaks against it. */
  readonly despite: string
}

export const newPlantingsSchema = Joi.object<NewPlantings>({
  pots: Joi.array()
    .items(id('The container'))
    .min(1)
    .max(500)
    .unique()
    .required()
    .label('The containers')
    .messages({ 'array.min': 'Choose at least one container' }),
  cropId: key('The crop')
    .required()
    .messages({ 'any.required': 'Choose a crop', 'string.empty': 'Choose a crop' }),
  cultivar: line('The variety', 80).allow('').default(''),
  how: Joi.string()
    .valid(...HOW_PLANTED)
    .required()
    .label('How it went in'),
  count: Joi.number()
    .integer()
    .min(1)
    .max(10_000)
    .allow(null)
    .default(null)
    .label('The number of plants'),
  on: day('The day it went in').required(),
  despite: line('Why all the same', 200).allow('').default(''),
})

/** Plantings that were written down by mistake. */
export interface TakeOut {
  readonly ids: readonly number[]
}

export const takeOutSchema = Joi.object<TakeOut>({
  ids: Joi.array()
    .items(id('The planting'))
    .min(1)
    .max(500)
    .unique()
    .required()
    .label('The plantings'),
})

export interface EndOfPlanting {
  readonly on: string
  readonly growth: GrowthScore | null
  readonly harvestG: number | null
  readonly why: Ending
  /** What went wrong, seen at this pot: it counts in its mix. */
  readonly problems: readonly string[]
  readonly note: string
}

const problemList = Joi.array()
  .items(key('The problem'))
  .max(10)
  .unique()
  .default([])
  .label('What went wrong')
  .messages({ 'array.unique': 'A problem stands there twice' })

export const endOfPlantingSchema = Joi.object<EndOfPlanting>({
  on: day('The day it ended').required(),
  growth: Joi.number().integer().min(1).max(5).allow(null).default(null).label('How it grew'),
  harvestG: Joi.number().min(0).max(1_000_000).allow(null).default(null).label('The harvest in g'),
  why: Joi.string()
    .valid(...ENDINGS)
    .required()
    .label('Why it ended'),
  problems: problemList,
  note: lines('The note', 500).allow('').default(''),
})

export interface NewLogEntry {
  readonly kind: PotLogKind
  /** The score, or grams. */
  readonly value: number | null
  readonly problemId: string | null
  readonly note: string
}

export const newLogEntrySchema = Joi.object<NewLogEntry>({
  kind: Joi.string()
    .valid(...POT_LOG_KINDS.filter((kind) => kind !== 'photo'))
    .required()
    .label('What happened'),
  value: Joi.number().min(0).max(1_000_000).allow(null).default(null).label('The number'),
  problemId: key('What you saw').allow(null).default(null),
  note: lines('The note', 500).allow('').default(''),
})

/** A pot as it really is. */
export interface PotCorrection {
  readonly code: string
  readonly name: string
  readonly place: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
  /** Of an inert filler on its base; null: as it is. */
  readonly fillerCm: number | null
  readonly exposure: Exposure
  /** As it was read. */
  readonly version: number
}

export const fillerField = Joi.number()
  .min(0)
  .max(200)
  .allow(null)
  .default(null)
  .label('The filler')
  .messages({ 'number.base': 'Say how high the filler stands, such as 6 cm' })

export const potCorrectionSchema = Joi.object<PotCorrection>({
  code: line('The code', 20).required().messages({ 'string.empty': 'Give the pot a code' }),
  name: line('The name', 80).required().messages({ 'string.empty': 'Give the pot a name' }),
  place: line('The place', 80).required().messages({ 'string.empty': 'Say where it stands' }),
  shape: shapeSchema,
  headspaceCm: Joi.number().min(0).max(50).required().label('The gap to the rim'),
  fillerCm: fillerField,
  exposure: Joi.string()
    .valid(...EXPOSURES)
    .required()
    .label('The exposure'),
  version: version(),
})

/** What follows from it. */
export interface PotCorrected {
  readonly litres: number
  /** Of the lot in it, in this pot now; null where none stands in it. */
  readonly air: number | null
}

/** A year that was over before the pot was written down. */
export interface EarlierYear {
  readonly year: number
  readonly cropId: string
  readonly growth: GrowthScore | null
  /** Seen that year: they count in the mix that stands in it still. */
  readonly problems: readonly string[]
}

export interface EarlierYears {
  readonly seasons: readonly EarlierYear[]
}

const FIRST_YEAR = 1900

export const earlierYearsSchema = Joi.object<EarlierYears>({
  seasons: Joi.array()
    .items(
      Joi.object({
        year: Joi.number().integer().min(FIRST_YEAR).max(2200).required().label('The year'),
        cropId: key('The crop')
          .required()
          .messages({ 'any.required': 'Choose a crop', 'string.empty': 'Choose a crop' }),
        growth: Joi.number().integer().min(1).max(5).allow(null).default(null).label('How it grew'),
        problems: problemList,
      }),
    )
    .min(1)
    .max(20)
    .unique('year')
    .required()
    .label('The seasons')
    .messages({ 'array.unique': 'A year stands there twice' }),
})

export interface MorePots {
  readonly count: number
}

export const morePotsSchema = Joi.object<MorePots>({
  count: Joi.number().integer().min(1).max(200).required().label('How many'),
})
