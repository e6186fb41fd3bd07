import Joi from 'joi'
import {
  type Intake,
  type RootMass,
  RUNG_IDS,
  type RungId,
  type Schools,
} from '../../core/recondition'
import { id, key, litres } from '../rules'

/** What a person tells of a tired lot; the server works out the litres. */
export interface IntakeAnswers {
  readonly lot: number
  /** How far the surface has sunk, cm; 0 where nothing was told. */
  readonly drop: number
  readonly roots: RootMass
  readonly side: 'yes' | 'no'
  readonly crop: string
  /** Containers of the next innings, by id. */
  readonly pots: readonly number[]
  /** null fills the containers. */
  readonly litres: number | null
  /** Compost share of parts. */
  readonly share: number
  readonly feed: Intake['feed']
  /** Days between waterings in high summer; null where it was not told: water held then does not count. */
  readonly every: number | null
  /** Which of the five ways is gone; all that a recipe does where it is left out. */
  readonly way?: RungId
  /** Tipped out, or worked where it stands; as this garden does it where it is left out. */
  readonly place?: Schools['place']
}

const fields = {
  lot: id('The lot').required(),
  drop: Joi.number().min(0).max(300).required().label('The level drop in cm'),
  roots: Joi.string().valid('fine', 'dense', 'bound', 'woody').required().label('The root mass'),
  side: Joi.string().valid('yes', 'no').required().label('Water running down the side'),
  crop: key('The next crop')
    .required()
    .messages({ 'any.required': 'Choose the next crop', 'string.empty': 'Choose the next crop' }),
  litres: litres('The litres wanted', 'Say how many litres, such as 40 L')
    .optional()
    .allow(null)
    .default(null),
  share: Joi.number().min(0).max(0.6).required().label('The compost share'),
  feed: Joi.string().valid('organic', 'coated', 'soluble').required().label('The kind of feed'),
  every: Joi.number()
    .greater(0)
    .max(60)
    .optional()
    .allow(null)
    .default(null)
    .label('The days between waterings'),
  way: Joi.string()
    .valid(...RUNG_IDS)
    .default('full')
    .label('The way to go on'),
  place: Joi.string().valid('tipped', 'in-place').optional().label('How it is worked'),
}

const potList = Joi.array()
  .items(id('The container'))
  .min(1)
  .max(200)
  .unique()
  .required()
  .label('The containers')
  .messages({
    'array.min': 'Choose at least one container',
    'any.required': 'Choose at least one container',
  })

/** As JSON. */
export const intakeBodySchema = Joi.object<IntakeAnswers>({ ...fields, pots: potList })

const potListText = Joi.string()
  .max(2000)
  .custom((value: string, helpers) => {
    const ids = value.split(',').filter(Boolean).map(Number)
    const { error } = potList.validate(ids)
    return error ? helpers.message({ custom: 'Choose at least one container' }) : ids
  })
  .label('The containers')
  .messages({
    'any.required': 'Choose at least one container',
    'string.empty': 'Choose at least one container',
  })

/** As an address: containers as "3,4". */
export const intakeQuerySchema = Joi.object<IntakeAnswers>({
  ...fields,
  pots: potListText.required(),
})

/** The first screen's address: a lot, and answers given before where they are changed. */
export type IntakeStart = Pick<IntakeAnswers, 'lot'> & Partial<IntakeAnswers>

export const intakeStartSchema = Joi.object<IntakeStart>({
  ...Object.fromEntries(Object.entries(fields).map(([name, rule]) => [name, rule.optional()])),
  lot: fields.lot,
  pots: potListText.optional(),
})
