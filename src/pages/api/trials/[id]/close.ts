import { closeTrialSchema } from '../../../../messages/trials/looks'
import { trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { closeTrial, trialPage } from '../../../../server/trials'

export const PUT = defineEndpoint({
  params: trialParamsSchema,
  body: closeTrialSchema,
  handle: async ({ db, params, body, now }) => {
    await closeTrial(db, params.id, body, now)
    return trialPage(db, params.id)
  },
})
