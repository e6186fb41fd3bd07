import Joi from 'joi'
import { putAwayWorkOrder } from '../../../../../data/recondition/workOrders'
import { orderParamsSchema } from '../../../../../messages/recondition/turnover'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: orderParamsSchema,
  body: Joi.object({}),
  handle: ({ db, params }) => putAwayWorkOrder(db, params.id),
})
