import { trialParamsSchema, trialStepSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { tickTrialStep, trialPage } from '../../../../server/trials'

export const POST = defineEndpoint({
  params: trialParamsSchema,
  body: trialStepSchema,
  needs: 'log',
  handle: async ({ db, params, body, now }) => {
    await tickTrialStep(db, params.id, body, now)
    return trialPage(db, params.id)
  },
})
