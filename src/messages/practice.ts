import Joi from 'joi'
import type { LadderPriorities } from '../core/recondition'

/** What matters to the grower when ways are weighed against each other. */
export interface Practice {
  readonly priorities: Required<LadderPriorities>
}

const weight = (label: string) =>
  Joi.number()
    .integer()
    .min(0)
    .max(3)
    .required()
    .label(label)
    .messages({ 'number.base': `${label} is a whole number from 0 to 3` })

export const practiceSchema = Joi.object<Practice>({
  priorities: Joi.object({
    cost: weight('How much money matters'),
    effort: weight('How much work matters'),
    yield: weight('How much growth matters'),
    peatFree: Joi.boolean().required().label('Whether peat is left out'),
    noMineralFeed: Joi.boolean().required().label('Whether mineral feed is left out'),
  })
    .required()
    .label('What matters to you'),
})
