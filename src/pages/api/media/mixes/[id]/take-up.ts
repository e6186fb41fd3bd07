import Joi from 'joi'
import { putAwayMix } from '../../../../../data/media/mixes'
import { mixParamsSchema } from '../../../../../messages/media/mixes'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: mixParamsSchema,
  body: Joi.object({}),
  handle: ({ db, params }) => putAwayMix(db, params.id, null),
})
