import { trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { trialReadings } from '../../../../server/trials'

export const GET = defineEndpoint({
  params: trialParamsSchema,
  handle: async ({ db, params }) => trialReadings(db, params.id),
})
