import { layoutSchema, trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { trialLayout, trialPage } from '../../../../server/trials'

export const PUT = defineEndpoint({
  params: trialParamsSchema,
  body: layoutSchema,
  handle: async ({ db, params, body }) => {
    await trialLayout(db, params.id, body)
    return trialPage(db, params.id)
  },
})
