import Joi from 'joi'
import type { Spot } from '../../core/season'
import { id, key, LARGEST_LITRES, line, SMALLEST_LITRES } from '../rules'
import { fillerField } from './pots'

/** What goes into an empty pot. */
export interface FillPot {
  readonly source:
    | { readonly kind: 'mix'; readonly mixId: number }
    | { readonly kind: 'bag'; readonly materialId: string }
    | { readonly kind: 'lot'; readonly lotId: number }
  /** Of mix, loose; null: as much as fills it once it has settled. */
  readonly litres: number | null
  /** Height of an inert filler on the base; null: what lies in it already, or none. */
  readonly fillerCm: number | null
  /** What the new lot is called; empty: as the pot. */
  readonly name: string
  /** Only look what it would take. */
  readonly check: boolean
}

/** What filling takes, worked out for this pot. */
export interface FillPlan {
  /** Of mix, loose, L. */
  readonly litres: number
  /** What is measured out for it; of a lot there is nothing to measure out. */
  readonly parts: readonly { readonly name: string; readonly litres: number }[]
  /** What mixing leaves of the parts, 0 to 1; null where nothing is mixed. */
  readonly volumeYield: number | null
  /** When it has settled, L. */
  readonly settledLitres: number
  /** Of that: kept by for topping up after the first watering, L. */
  readonly topUpLitres: number
  readonly headspaceCm: number
  /** What a filler on the base saves, and what it costs in air after draining; null without one. */
  readonly filler: {
    readonly heightCm: number
    readonly savedLitres: number
    readonly air: number
    readonly airWithout: number
  } | null
  readonly holes: {
    readonly count: number
    readonly diameterMm: number
    readonly positions: readonly Spot[]
  }
  /** Drippers, where there are any. */
  readonly emitters: number
  /** What was found in the lot it comes from speaks for washing its tools, and against a second use. */
  readonly isDoubtful: boolean
}

export interface FillAnswer {
  readonly plan: FillPlan
  /** The lot that stands in it now; null where it was only looked at. */
  readonly lotId: number | null
}

/** What an empty pot can be filled from. */
export interface FillChoices {
  readonly lots: readonly { readonly id: number; readonly name: string; readonly litres: number }[]
  readonly mixes: readonly {
    readonly id: number
    readonly name: string
    /** Crops that a trial made it the standard for; null: whatever grows. */
    readonly standardFor: readonly (string | null)[]
  }[]
  readonly bags: readonly {
    readonly id: string
    readonly name: string
    readonly standardFor: readonly (string | null)[]
  }[]
}

export const fillSource = Joi.alternatives()
  .conditional('.kind', {
    switch: [
      {
        is: 'mix',
        then: Joi.object({ kind: Joi.valid('mix'), mixId: id('The mix').required() }),
      },
      {
        is: 'bag',
        then: Joi.object({ kind: Joi.valid('bag'), materialId: key('The bag').required() }),
      },
      {
        is: 'lot',
        then: Joi.object({ kind: Joi.valid('lot'), lotId: id('The lot').required() }),
      },
    ],
    otherwise: Joi.forbidden().messages({ 'any.unknown': 'Choose what goes in' }),
  })
  .required()
  .messages({ 'any.required': 'Choose what goes in' })

export const fillPotSchema = Joi.object<FillPot>({
  source: fillSource,
  litres: Joi.number()
    .min(SMALLEST_LITRES)
    .max(LARGEST_LITRES)
    .allow(null)
    .default(null)
    .label('The litres')
    .messages({ 'number.base': 'Say how much, such as 12 L' }),
  fillerCm: fillerField,
  name: line('The name', 80).allow('').default(''),
  check: Joi.boolean().required().label('Only look'),
})
