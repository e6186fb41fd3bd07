import Joi from 'joi'
import { type LadderPriorities, RUNG_IDS, type Schools } from '../core/recondition'

/** What matters to the grower when ways are weighed against each other, and how this garden works; either of them. */
export interface Practice {
  readonly priorities?: Required<LadderPriorities>
  readonly schools?: Schools
}

/** What the page of how this garden works shows. */
export interface PracticePage {
  readonly schools: Schools
}

const one = (label: string, ...values: readonly string[]) =>
  Joi.string()
    .valid(...values)
    .required()
    .label(label)

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
    .optional()
    .label('What matters to you'),
  schools: Joi.object<Schools>({
    compostShare: Joi.number().min(0).max(0.6).required().label('The compost share'),
    feed: one('The kind of feed', 'organic', 'coated', 'soluble'),
    heat: one('When mix is heated', 'when-needed', 'before-seed', 'never'),
    roots: one('What is taken out', 'leave-fine', 'sieve', 'take-wood'),
    aggregate: one('How much coarse material', 'as-needed', 'habit'),
    newMix: one('What a new mix is', 'bag', 'adjust', 'make'),
    way: one('How far a lot is reconditioned', 'compare', ...RUNG_IDS),
    wait: one('When it is planted', 'until-safe', 'at-once'),
    place: one('How it is worked', 'tipped', 'in-place'),
    wash: one('How containers are washed', 'jet', 'disinfect'),
    surplus: one('What becomes of what is left over', 'mulch', 'bed'),
    minerals: one('What goes in beside', 'none', 'minerals', 'inoculant', 'both'),
  })
    .optional()
    .label('How this garden works'),
})
  .or('priorities', 'schools')
  .messages({ 'object.missing': 'Say what matters to you, or how this garden works' })
