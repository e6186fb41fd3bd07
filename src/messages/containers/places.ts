import Joi from 'joi'
import { EXPOSURES, type Exposure } from '../../core/season'
import { id, line, version } from '../rules'

export interface PlaceRow {
  readonly id: number
  readonly name: string
  readonly exposure: Exposure
  readonly version: number
  readonly pots: number
  /** Pots with sun and wind of their own. */
  readonly otherwise: number
  readonly growing: number
  /** That its pots hold when filled. */
  readonly litres: number
}

export interface PlacesPage {
  readonly rows: readonly PlaceRow[]
}

export interface NewPlaceBody {
  readonly name: string
  readonly exposure: Exposure
}

const place = {
  name: line('The name', 80).required().messages({ 'string.empty': 'Give the place a name' }),
  exposure: Joi.string()
    .valid(...EXPOSURES)
    .required()
    .label('Sun and wind'),
}

export const newPlaceSchema = Joi.object<NewPlaceBody>(place)

export interface PlaceCorrection extends NewPlaceBody {
  readonly version: number
}

export const placeCorrectionSchema = Joi.object<PlaceCorrection>({ ...place, version: version() })

export const placeParamsSchema = Joi.object<{ readonly id: number }>({
  id: id('The number of the place').required(),
})
