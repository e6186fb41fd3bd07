import { trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { trialPackage } from '../../../../server/trials'

export const GET = defineEndpoint({
  params: trialParamsSchema,
  handle: async ({ db, params, now }) => trialPackage(db, params.id, now),
})
