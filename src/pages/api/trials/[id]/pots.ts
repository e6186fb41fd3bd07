import { setPotsSchema, trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { setPots, trialPage } from '../../../../server/trials'

export const POST = defineEndpoint({
  params: trialParamsSchema,
  body: setPotsSchema,
  handle: async ({ db, params, body }) => {
    await setPots(db, params.id, body.version)
    return trialPage(db, params.id)
  },
})
