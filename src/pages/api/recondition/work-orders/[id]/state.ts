import { orderParamsSchema } from '../../../../../messages/recondition/turnover'
import { defineEndpoint } from '../../../../../server/defineEndpoint'
import { orderState } from '../../../../../server/recondition'

export const GET = defineEndpoint({
  params: orderParamsSchema,
  handle: ({ db, params }) => orderState(db, params.id),
})
