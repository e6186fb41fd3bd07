import Joi from 'joi'
import { takeUpWorkOrder } from '../../../../../data/recondition/workOrders'
import { orderParamsSchema } from '../../../../../messages/recondition/turnover'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: orderParamsSchema,
  body: Joi.object({}),
  handle: ({ db, params }) => takeUpWorkOrder(db, params.id),
})
