import { answers, operation } from '../operation'
import { nothing } from '../rules'
import { mixParamsSchema, mixToLotSchema, newMixSchema, nextVersionSchema } from './mixes'

export const mixesOperations = {
  'POST /api/mixes/[id]/lots': operation({
    params: mixParamsSchema,
    body: mixToLotSchema,
    status: 201,
    answer: answers<{ readonly id: number }>(),
  }),
  'POST /api/mixes/[id]/put-away': operation({
    params: mixParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  'POST /api/mixes/[id]/take-up': operation({
    params: mixParamsSchema,
    body: nothing,
    answer: answers<null>(),
  }),
  'POST /api/mixes/[id]/versions': operation({
    params: mixParamsSchema,
    body: nextVersionSchema,
    status: 201,
    answer: answers<{ readonly version: number }>(),
  }),
  'POST /api/mixes': operation({
    body: newMixSchema,
    status: 201,
    answer: answers<{ readonly id: number }>(),
  }),
} as const
