import { answers, operation } from '../operation'
import { type Practice, practiceSchema } from './practice'
import { type PpmFactor, ppmFactorSchema, sitePlaceSchema } from './site'

export const siteOperations = {
  'PUT /api/site/place': operation({
    body: sitePlaceSchema,
    answer: answers<{ readonly version: number }>(),
  }),
  'PUT /api/site/ppm': operation({ body: ppmFactorSchema, answer: answers<PpmFactor>() }),
  'PUT /api/site/practice': operation({ body: practiceSchema, answer: answers<Practice>() }),
} as const
