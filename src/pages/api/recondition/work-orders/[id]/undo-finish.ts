import { undoFinish } from '../../../../../data/recondition'
import { orderParamsSchema } from '../../../../../messages/recondition/turnover'
import { nothing } from '../../../../../messages/rules'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: orderParamsSchema,
  body: nothing,
  handle: async ({ db, params, now }) => {
    await undoFinish(db, params.id, now)
    return null
  },
})
