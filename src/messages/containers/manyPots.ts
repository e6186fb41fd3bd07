import Joi from 'joi'
import { ENDINGS, EXPOSURES, type Exposure } from '../../core/season'
import { day, id, line, lines, MOST_CHOSEN } from '../rules'
import type { EndOfPlanting } from './pots'

const pots = Joi.array()
  .items(id('The container'))
  .min(1)
  .max(MOST_CHOSEN)
  .unique()
  .required()
  .label('The containers')
  .messages({ 'array.min': 'Choose at least one container' })

/** What many pots have in common; what is left out, or empty, stays as it is in each. */
export interface ChangeMany {
  readonly ids: readonly number[]
  readonly place: string
  readonly name: string
  readonly exposure: Exposure | null
}

export const changeManySchema = Joi.object<ChangeMany>({
  ids: pots,
  place: line('The place', 80).allow('').default(''),
  name: line('The name', 80).allow('').default(''),
  exposure: Joi.string()
    .valid(...EXPOSURES)
    .allow(null)
    .default(null)
    .label('Sun and wind'),
})

/** Many pots put back as each of them was. */
export interface PutBackMany {
  readonly pots: readonly {
    readonly id: number
    readonly place: string
    readonly name: string
    readonly exposure: Exposure
  }[]
}

export const putBackManySchema = Joi.object<PutBackMany>({
  pots: Joi.array()
    .items(
      Joi.object({
        id: id('The container').required(),
        place: line('The place', 80).required(),
        name: line('The name', 80).required(),
        exposure: Joi.string()
          .valid(...EXPOSURES)
          .required(),
      }),
    )
    .min(1)
    .max(MOST_CHOSEN)
    .required()
    .label('The containers'),
})

export interface ManyPots {
  readonly ids: readonly number[]
}

export const manyPotsSchema = Joi.object<ManyPots>({ ids: pots })

/** What grows in many pots, ended alike. */
export interface EndMany extends Pick<EndOfPlanting, 'on' | 'growth' | 'why' | 'note'> {
  readonly pots: readonly number[]
}

export const endManySchema = Joi.object<EndMany>({
  pots,
  on: day('The day it ended').required(),
  growth: Joi.number().integer().min(1).max(5).allow(null).default(null).label('How it grew'),
  why: Joi.string()
    .valid(...ENDINGS)
    .required()
    .label('Why it ended'),
  note: lines('The note', 500).allow('').default(''),
})
