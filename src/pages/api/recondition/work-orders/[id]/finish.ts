import { orderParamsSchema } from '../../../../../messages/recondition/turnover'
import { nothing } from '../../../../../messages/rules'
import { defineEndpoint } from '../../../../../server/defineEndpoint'
import { finishOrder } from '../../../../../server/recondition'

export const POST = defineEndpoint({
  params: orderParamsSchema,
  body: nothing,
  handle: ({ db, params, now }) => finishOrder(db, params.id, now),
})
