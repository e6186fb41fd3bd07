import Joi from 'joi'
import type { ContainerShape } from '../../core/containers'
import { HOW_PLANTED, type HowPlanted } from '../../core/season'
import {
  CONTROL_MUSTS,
  type ControlMust,
  MOST_TREATMENTS,
  type SeedProtocol,
  TRIAL_KINDS,
  TRIAL_LIGHTS,
  TRIAL_MEASURES,
  TRIAL_RISKS,
  type TrialKind,
  type TrialMeasure,
  type TrialRisk,
} from '../../core/trials'
import { type ListQuery, listFields } from '../list'
import { shapeSchema } from '../media/lots'
import { id, key, line, version } from '../rules'

/** What pots are filled with, as it is asked for; of a mix the newest version where none is named. */
export type MediumBody =
  | { readonly kind: 'mix'; readonly mixId: number; readonly version?: number }
  | { readonly kind: 'lot'; readonly lotId: number }
  | { readonly kind: 'bag'; readonly materialId: string }

export interface PotSizeBody {
  readonly name: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
}

export interface TreatmentBody {
  readonly name: string
  readonly medium: MediumBody
  readonly added: MediumBody | null
  /** Percent of the litres; in a jar test grams a litre. */
  readonly dose: number
  /** null: as the trial's. */
  readonly potSize: PotSizeBody | null
  readonly care: string
  readonly risks: readonly TrialRisk[]
}

export interface NewTrialBody {
  readonly kind: TrialKind
  readonly name: string
  readonly question: string
  readonly wish: 'more' | 'less'
  readonly must: ControlMust
  readonly mustValue: number
  readonly measures: readonly TrialMeasure[]
  /** The one of them that gets the verdict, on which of the days; null: what is weighed last, on the last day. */
  readonly decides: TrialMeasure | null
  readonly decidesDay: number | null
  readonly checkDays: readonly number[]
  readonly cropId: string | null
  /** Of a side by side. */
  readonly crops: readonly string[]
  readonly how: HowPlanted
  readonly perPot: number
  readonly pots: number
  readonly blocks: boolean
  readonly isBlind: boolean
  readonly place: string
  readonly potSize: PotSizeBody
  /** Pots of the garden; none: new ones are made. */
  readonly potIds: readonly number[]
  readonly protocol: SeedProtocol
  readonly cv: number
  readonly treatments: readonly TreatmentBody[]
}

const medium = Joi.alternatives()
  .conditional('.kind', {
    switch: [
      {
        is: 'mix',
        then: Joi.object({
          kind: Joi.valid('mix').required(),
          mixId: id('The mix').required(),
          version: Joi.number().integer().min(1).max(100_000).label('The version of the mix'),
        }),
      },
      {
        is: 'lot',
        then: Joi.object({ kind: Joi.valid('lot').required(), lotId: id('The lot').required() }),
      },
      {
        is: 'bag',
        then: Joi.object({
          kind: Joi.valid('bag').required(),
          materialId: key('The material').required(),
        }),
      },
    ],
    otherwise: Joi.forbidden().messages({ 'any.unknown': 'Choose what the pots are filled with' }),
  })
  .messages({ 'any.required': 'Choose what the pots are filled with' })

const potSize = Joi.object({
  name: line('The name of the pot', 80).required(),
  shape: shapeSchema,
  headspaceCm: Joi.number().min(0).max(50).required().label('The gap to the rim'),
})

const treatment = Joi.object({
  name: line('The name of the treatment', 60).required().messages({
    'string.empty': 'Give it a short name',
    'any.required': 'Give it a short name',
  }),
  medium: medium.required(),
  added: medium.allow(null).default(null),
  dose: Joi.number().min(0).max(100).required().label('The dose').messages({
    'number.base': 'Say the dose as a number, such as 25',
  }),
  potSize: potSize.allow(null).default(null),
  care: line('What is done differently', 200).allow('').default(''),
  risks: Joi.array()
    .items(Joi.valid(...TRIAL_RISKS))
    .max(TRIAL_RISKS.length)
    .unique()
    .default([])
    .label('What is in it')
    .messages({ 'array.unique': 'What is in it stands there twice' }),
})

/** A name that is missing or no text is told at its own field. */
function sameName({ name: one }: Partial<TreatmentBody>, { name: other }: Partial<TreatmentBody>) {
  if (typeof one !== 'string' || typeof other !== 'string' || one.trim() === '') return false
  return one.trim().toLowerCase() === other.trim().toLowerCase()
}

const whole = (label: string, low: number, high: number, missing: string) =>
  Joi.number().integer().min(low).max(high).required().label(label).messages({
    'number.base': missing,
    'any.required': missing,
  })

export const newTrialSchema = Joi.object<NewTrialBody>({
  kind: Joi.string()
    .valid(...TRIAL_KINDS)
    .required()
    .label('The question')
    .messages({ 'any.required': 'Choose what you want to find out' }),
  name: line('The name', 80).required().messages({ 'string.empty': 'Give the trial a name' }),
  question: line('The question', 300).required().messages({
    'string.empty': 'Write down in a sentence what you want to find out',
  }),
  wish: Joi.string().valid('more', 'less').required().label('What is better'),
  must: Joi.string()
    .valid(...CONTROL_MUSTS)
    .required()
    .label('What the control must reach')
    .messages({ 'any.only': 'Choose what the control must reach' }),
  mustValue: Joi.number()
    .min(0.05)
    .max(10_000)
    .required()
    .label('What the control must reach')
    .messages({
      'number.base': 'Say what the control must reach for the run to count',
    }),
  measures: Joi.array()
    .items(Joi.valid(...TRIAL_MEASURES))
    .max(TRIAL_MEASURES.length)
    .unique()
    .required()
    .label('What is measured')
    .messages({ 'array.unique': 'What is measured stands there twice' }),
  decides: Joi.valid(...TRIAL_MEASURES)
    .allow(null)
    .default(null)
    .label('What decides')
    .messages({ 'any.only': 'Choose what decides among what is measured' }),
  decidesDay: Joi.number()
    .integer()
    .min(1)
    .max(400)
    .allow(null)
    .default(null)
    .label('The day')
    .messages({
      'number.base': 'Choose on which of the days it decides',
    }),
  checkDays: Joi.array()
    .items(Joi.number().integer().min(1).max(400).label('The day'))
    .max(60)
    .unique()
    .required()
    .label('The days it is looked at')
    .messages({
      'number.base': 'Say days after planting, such as 7, 14, 21',
      'number.max': 'Days after planting go up to 400',
      'number.min': 'Days after planting begin with 1',
      'number.integer': 'Days after planting are whole numbers',
      'array.unique': 'A day stands there twice',
      'array.max': 'It is looked at on at most 60 days',
    }),
  cropId: key('The crop').allow(null).default(null),
  crops: Joi.array()
    .items(key('The crop'))
    .max(40)
    .unique()
    .default([])
    .label('The crops')
    .messages({ 'array.unique': 'A crop stands there twice' }),
  how: Joi.string()
    .valid(...HOW_PLANTED)
    .required()
    .label('How it goes in'),
  perPot: whole('Seeds or plants in each pot', 0, 500, 'Say how many go into each pot, such as 5'),
  pots: whole('The pots of each treatment', 1, 100, 'Say how many pots each treatment gets'),
  blocks: Joi.boolean().required().label('Blocks'),
  isBlind: Joi.boolean().required().label('Scored blind'),
  place: line('The place', 80).required().messages({ 'string.empty': 'Say where the pots stand' }),
  potSize: potSize.required().messages({ 'any.required': 'Choose the size of the pots' }),
  potIds: Joi.array()
    .items(id('The pot'))
    .max(400)
    .unique()
    .default([])
    .label('The pots')
    .messages({ 'array.unique': 'A pot stands there twice' }),
  protocol: Joi.object({
    presoakHours: Joi.number().min(0).max(72).required().label('The hours of soaking').messages({
      'number.base': 'Say how many hours seeds are soaked; 0 for none',
    }),
    depthCm: Joi.number().min(0).max(30).required().label('The sowing depth').messages({
      'number.base': 'Say how deep seeds are sown, such as 2 cm',
    }),
    bottomWater: Joi.boolean().required().label('Watered from below'),
    light: Joi.string()
      .valid(...TRIAL_LIGHTS)
      .required()
      .label('The light'),
  }).required(),
  cv: Joi.number().min(1).max(200).required().label('The variation from plant to plant').messages({
    'number.base': 'Say the variation from plant to plant in percent, such as 20',
    'number.min': 'The variation is in percent: 20 for 20 %, at least 1',
  }),
  treatments: Joi.array()
    .items(treatment)
    .min(2)
    .max(MOST_TREATMENTS)
    .unique((one: Partial<TreatmentBody>, other: Partial<TreatmentBody>) => sameName(one, other))
    .required()
    .label('The treatments')
    .messages({
      'array.min': 'A trial needs a control and at least one thing to hold against it',
      'array.unique': 'Two of them have the same name: tell them apart',
    }),
})

/** The same for a trial that is planned anew. */
export interface ChangeTrialBody extends NewTrialBody {
  readonly version: number
}

export const changeTrialSchema: Joi.ObjectSchema<ChangeTrialBody> = (
  newTrialSchema as Joi.ObjectSchema
).keys({ version: version() })

export const trialsQuerySchema = Joi.object<ListQuery>(listFields).unknown()

export interface NewTrialQuery {
  readonly kind?: TrialKind
  /** A mix or a lot to be tried out. */
  readonly mix?: number
  readonly lot?: number
  /** An earlier trial to begin as, or a planned one to change. */
  readonly like?: number
  readonly change?: number
}

export const newTrialQuerySchema = Joi.object<NewTrialQuery>({
  kind: Joi.string()
    .valid(...TRIAL_KINDS)
    .label('The question')
    .messages({ 'any.only': 'There is no trial of that kind' }),
  mix: id('The number of the mix'),
  lot: id('The number of the lot'),
  like: id('The number of the trial'),
  change: id('The number of the trial'),
}).unknown()
