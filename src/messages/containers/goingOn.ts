import Joi from 'joi'
import type { PottingOn } from '../../core/season'
import { day, id, key, line } from '../rules'
import { type FillChoices, type FillPot, fillSource } from './fillPot'

/** A living plant with its root ball into a larger pot that stands empty. */
export interface PotOnBody {
  /** Of the pot it goes into. */
  readonly code: string
  /** What goes under it and around it. */
  readonly source: FillPot['source']
  readonly on: string
  /** Why all the same, where something found speaks against putting the two mixes together. */
  readonly despite: string
  readonly check: boolean
}

export interface PotOnPlan
  extends Pick<PottingOn, 'gapCm' | 'underlayCm' | 'widerCm' | 'isMuchWider'> {
  readonly code: string
  /** Of new mix, loose, L. */
  readonly litres: number
  readonly parts: readonly { readonly name: string; readonly litres: number }[]
  /** What stands in the new pot when it has settled, L. */
  readonly settledLitres: number
}

export interface PotOnAnswer {
  readonly plan: PotOnPlan
  /** The pot they stand in now; null where it was only looked at. */
  readonly containerId: number | null
}

export const potOnSchema = Joi.object<PotOnBody>({
  code: line('The larger pot', 20).required().messages({
    'string.empty': 'Say which pot it goes into',
    'any.required': 'Say which pot it goes into',
  }),
  source: fillSource,
  on: day('The day').required(),
  despite: line('Why all the same', 200).allow('').default(''),
  check: Joi.boolean().required().label('Only look'),
})

/** A layer scratched in between plants that stay. */
export interface DressBody {
  readonly materialId: string
  readonly depthCm: number
  /** Why it goes on although a lime hater grows there. */
  readonly despite?: string
  readonly check: boolean
}

export interface DressAnswer {
  /** On the whole surface of the pot, L. */
  readonly litres: number
}

export const dressSchema = Joi.object<DressBody>({
  materialId: key('What goes on')
    .required()
    .messages({ 'any.required': 'Choose what goes on', 'string.empty': 'Choose what goes on' }),
  depthCm: Joi.number().min(1).max(5).required().label('The depth').messages({
    'number.base': 'Say how thick, such as 3 cm',
    'any.required': 'Say how thick, such as 3 cm',
    'number.min': 'Less than 1 cm is a dusting: 1 to 5 cm',
    'number.max': 'More than 5 cm buries crowns and stems: 1 to 5 cm',
  }),
  despite: line('Why all the same', 200).allow('').default(''),
  check: Joi.boolean().required().label('Only look'),
})

/** What a pot with plants can go on with. */
export interface GoingOn {
  /** Empty ones. */
  readonly pots: readonly {
    readonly code: string
    readonly name: string
    readonly litres: number
  }[]
  /** What a larger pot can be filled up with. */
  readonly choices: FillChoices
  readonly materials: readonly { readonly id: string; readonly name: string }[]
}

export const goingOnParams = Joi.object<{ readonly id: number }>({
  id: id('The number of the container').required(),
})
