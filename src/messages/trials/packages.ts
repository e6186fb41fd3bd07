import Joi from 'joi'
import { day, lines } from '../rules'
import { type NewTrialBody, newTrialSchema } from './trials'

/** Letters of base64 for a package of 2 MB. */
const LONGEST_PACKAGE = 2_800_000
/** Of a request that carries one, bytes. */
export const PACKAGE_BODY_BYTES = LONGEST_PACKAGE + 4096

export interface PackageBody {
  /** The archive in base64. */
  readonly package: string
}

export const packageSchema = Joi.object<PackageBody>({
  package: Joi.string()
    .base64()
    .max(LONGEST_PACKAGE)
    .required()
    .label('The package')
    .meta({ text: 'key' })
    .messages({
      'string.max': 'The package is larger than 2 MB: this is no package of one trial',
      'string.base64': 'This is no file that can be read: choose the package again',
      'string.empty': 'Choose the file of a package',
      'any.required': 'Choose the file of a package',
    }),
})

/** What a package tells of its trial beside its tables. */
export interface PackagedTrial extends Omit<NewTrialBody, 'crops' | 'potIds' | 'treatments'> {
  readonly columns: number
  readonly seed: number
  readonly plantedOn: string
  readonly closedOn: string
  readonly lessons: string
}

export const packagedTrialSchema = (newTrialSchema as unknown as Joi.ObjectSchema<PackagedTrial>)
  .fork(['crops', 'potIds', 'treatments'], () => Joi.any().strip())
  .keys({
    columns: Joi.number().integer().min(1).max(100).required().label('The columns'),
    seed: Joi.number()
      .integer()
      .min(1)
      .max(2 ** 31 - 1)
      .required()
      .label('The seed'),
    plantedOn: day('The day it was planted').required(),
    closedOn: day('The day it was closed').required(),
    lessons: lines('The lessons', 1000).allow('').default(''),
  })
