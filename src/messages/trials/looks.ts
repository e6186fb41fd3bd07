import Joi from 'joi'
import {
  EVENT_SCOPES,
  type EventScope,
  TRIAL_EVENTS,
  TRIAL_MEASURES,
  type TrialEvent,
  type TrialMeasure,
} from '../../core/trials'
import { day, id, key, line, lines, version } from '../rules'

/** What happened to a pot: of the list, or a problem by its name. */
export type Happened = TrialEvent | 'problem'

export interface LookQuery {
  /** Another day than today: what was written down on paper. */
  readonly on?: string
}

export const lookQuerySchema = Joi.object<LookQuery>({
  on: day('The day it was looked at'),
}).unknown()

/** What was read at one pot; what is null was not. */
export interface LookBody {
  readonly potId: number
  /** null: today. */
  readonly on: string | null
  readonly values: Partial<Record<TrialMeasure, number | null>>
  readonly note: string
}

const onDay = day('The day').allow(null).default(null)

export const lookBodySchema = Joi.object<LookBody>({
  potId: id('The pot of the trial').required(),
  on: onDay,
  values: Joi.object(
    Object.fromEntries(
      TRIAL_MEASURES.map((one) => [
        one,
        Joi.number().min(0).max(1_000_000).allow(null).label('The number'),
      ]),
    ),
  )
    .required()
    .label('What was read'),
  note: lines('The note', 500).allow('').default(''),
})

export interface PotEventBody {
  readonly potId: number
  readonly on: string | null
  readonly kind: Happened
  readonly problemId: string | null
  readonly note: string
  /** It does not count from that day on. */
  readonly isLeftOut: boolean
  /** To the pot alone, to all of its block, or to every pot that is still in; left out: the pot. */
  readonly scope?: EventScope
}

export const potEventSchema = Joi.object<PotEventBody>({
  potId: id('The pot of the trial').required(),
  on: onDay,
  kind: Joi.string()
    .valid(...TRIAL_EVENTS, 'problem')
    .required()
    .label('What happened')
    .messages({ 'any.only': 'Choose what happened from the list' }),
  problemId: key('What you saw').allow(null).default(null),
  note: line('The note', 300).allow('').default(''),
  isLeftOut: Joi.boolean().default(false).label('Whether it is left out'),
  scope: Joi.string()
    .valid(...EVENT_SCOPES)
    .default('pot')
    .label('Which pots')
    .messages({ 'any.only': 'Choose to which pots it happened' }),
})

export interface LeaveOutBody {
  readonly potId: number
  /** From when on, and why; null: it counts again. */
  readonly leftOut: { readonly on: string; readonly why: string } | null
}

export const leaveOutSchema = Joi.object<LeaveOutBody>({
  potId: id('The pot of the trial').required(),
  leftOut: Joi.object({
    on: day('The day').required(),
    why: line('The reason', 300).required().messages({
      'string.empty': 'Say why it is left out',
      'any.required': 'Say why it is left out',
    }),
  })
    .allow(null)
    .required()
    .label('Whether it is left out'),
})

export interface ResultsQuery {
  readonly measure?: TrialMeasure
  /** The check it is asked at, in days after planting; the last one that was begun where it is left out. */
  readonly day?: number
}

export const resultsQuerySchema = Joi.object<ResultsQuery>({
  measure: Joi.valid(...TRIAL_MEASURES).label('What was measured'),
  day: Joi.number().integer().min(0).max(3650).label('The day'),
}).unknown()

/** What is handed on: a treatment's mix as the standard for a crop, or the most of what a treatment had added. */
export interface FindingBody {
  readonly kind: 'standard' | 'cap'
  readonly treatmentId: number
  /** null: for whatever grows. */
  readonly cropId: string | null
  /** Of a cap. */
  readonly maxPercent: number | null
}

export const findingSchema = Joi.object<FindingBody>({
  kind: Joi.string().valid('standard', 'cap').required().label('What is handed on'),
  treatmentId: id('The treatment of the trial').required(),
  cropId: key('The crop').allow(null).default(null),
  maxPercent: Joi.number()
    .min(0)
    .max(100)
    .allow(null)
    .default(null)
    .label('The most of it')
    .messages({ 'number.base': 'Say it as a number, such as 10' }),
})

export interface FindingParams {
  readonly id: number
  readonly findingId: number
}

export const findingParamsSchema = Joi.object<FindingParams>({
  id: id('The trial').required(),
  findingId: id('The finding of the trial').required(),
})

export interface CloseTrialBody {
  readonly version: number
  readonly isClosed: boolean
}

export const closeTrialSchema = Joi.object<CloseTrialBody>({
  version: version(),
  isClosed: Joi.boolean().required().label('Whether it is closed'),
})
