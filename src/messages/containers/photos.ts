import Joi from 'joi'
import { id, lines } from '../rules'

/** Letters of base64 for 900 kB. */
export const LONGEST_PHOTO = 1_200_000
/** Of a request that carries one, bytes. */
export const PHOTO_BODY_BYTES = LONGEST_PHOTO + 4096

export interface NewPhoto {
  /** A JPEG picture in base64. */
  readonly jpeg: string
  readonly note: string
}

export const newPhotoSchema = Joi.object<NewPhoto>({
  jpeg: Joi.string()
    .base64()
    .max(LONGEST_PHOTO)
    .required()
    .label('The photo')
    .meta({ text: 'key' })
    .messages({
      'string.max': 'The photo is larger than 900 kB: make it smaller first',
      'string.base64': 'This is no photo that can be kept: choose a JPEG picture',
    }),
  note: lines('The note', 500).allow('').default(''),
})

export const photoParamsSchema = Joi.object<{ readonly id: number }>({
  id: id('The number of the photo').required(),
})
