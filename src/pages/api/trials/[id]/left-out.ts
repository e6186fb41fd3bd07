import { leaveOutSchema } from '../../../../messages/trials/looks'
import { trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { leaveOut, trialPage } from '../../../../server/trials'

export const PUT = defineEndpoint({
  params: trialParamsSchema,
  body: leaveOutSchema,
  needs: 'log',
  handle: async ({ db, params, body, now }) => {
    await leaveOut(db, params.id, body, now)
    return trialPage(db, params.id)
  },
})
