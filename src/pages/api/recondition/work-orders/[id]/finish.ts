import Joi from 'joi'
import { orderParamsSchema } from '../../../../../messages/recondition/turnover'
import { defineEndpoint } from '../../../../../server/defineEndpoint'
import { finishOrder } from '../../../../../server/recondition/finishOrder'

export const POST = defineEndpoint({
  params: orderParamsSchema,
  body: Joi.object({}),
  handle: ({ db, params, now }) => finishOrder(db, params.id, now),
})
