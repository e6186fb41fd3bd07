import Joi from 'joi'
import { day, line } from '../rules'

/** Plants that go on in another pot. */
export interface MovePlants {
  /** Of the pot they go to. */
  readonly code: string
  readonly on: string
  /** Why all the same, where something found in its mix speaks against them. */
  readonly despite: string
}

export const movePlantsSchema = Joi.object<MovePlants>({
  code: line('The pot', 20).required().messages({
    'string.empty': 'Say which pot they go to, by its code',
    'any.required': 'Say which pot they go to, by its code',
  }),
  on: day('The day').required(),
  despite: line('Why all the same', 200).allow('').default(''),
})

export interface PlantsMoved {
  /** Of the planting there. */
  readonly id: number
  readonly containerId: number
  /** The lot they left. */
  readonly lotId: number
  /** Nothing grows in it any more. */
  readonly seasonOver: boolean
}
