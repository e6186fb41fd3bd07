import Joi from 'joi'
import { putAwayLot } from '../../../../../data/media/lots'
import { lotParamsSchema } from '../../../../../messages/media/lots'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: lotParamsSchema,
  body: Joi.object({}),
  handle: ({ db, params, now }) => putAwayLot(db, params.id, now),
})
