import Joi from 'joi'
import {
  DEFAULT_SCHOOLS,
  type LadderPriorities,
  RUNG_IDS,
  type Schools,
} from '../../core/recondition'

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

/** As most do where it is left out. */
const usual = (name: keyof Schools, label: string, ...values: readonly string[]) =>
  one(label, ...values)
    .optional()
    .default(DEFAULT_SCHOOLS[name])

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
    newMix: usual('newMix', 'The kind of new mix', 'bag', 'adjust', 'make'),
    way: usual('way', 'The way lots go on', 'compare', ...RUNG_IDS),
    wait: usual('wait', 'The wait after mixing', 'until-safe', 'at-once'),
    place: usual('place', 'The place of work', 'tipped', 'in-place'),
    wash: usual('wash', 'The washing of containers', 'jet', 'disinfect'),
    surplus: usual('surplus', 'The use of what is left over', 'mulch', 'bed'),
    minerals: usual(
      'minerals',
      'The minerals that go in beside',
      'none',
      'minerals',
      'inoculant',
      'both',
    ),
  })
    .optional()
    .label('How this garden works'),
})
  .or('priorities', 'schools')
  .messages({ 'object.missing': 'Say what matters to you, or how this garden works' })
