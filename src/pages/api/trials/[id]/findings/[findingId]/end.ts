import { endFindingOfTrial } from '../../../../../../data/trials'
import { nothing } from '../../../../../../messages/rules'
import { findingParamsSchema } from '../../../../../../messages/trials/looks'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: findingParamsSchema,
  body: nothing,
  handle: async ({ db, params, now }) => {
    await endFindingOfTrial(db, params.id, params.findingId, now)
    return {}
  },
})
