import { changeTrialSchema, trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { changePlan } from '../../../../server/trials'

export const PUT = defineEndpoint({
  params: trialParamsSchema,
  body: changeTrialSchema,
  limitBytes: 64_000,
  handle: async ({ db, params, body }) => {
    await changePlan(db, params.id, body)
    return { id: params.id }
  },
})
