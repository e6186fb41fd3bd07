import { takeUpWorkOrder } from '../../../../../data/recondition'
import { orderParamsSchema } from '../../../../../messages/recondition/turnover'
import { nothing } from '../../../../../messages/rules'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: orderParamsSchema,
  body: nothing,
  handle: ({ db, params }) => takeUpWorkOrder(db, params.id),
})
