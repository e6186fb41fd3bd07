import { plantTrialSchema, trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { plantTrial } from '../../../../server/trials'

export const POST = defineEndpoint({
  params: trialParamsSchema,
  body: plantTrialSchema,
  handle: async ({ db, params, body, now }) => {
    return plantTrial(db, params.id, body, now)
  },
})
