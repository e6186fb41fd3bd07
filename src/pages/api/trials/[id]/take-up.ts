import { putAwayTrial } from '../../../../data/trials'
import { nothing } from '../../../../messages/rules'
import { trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: trialParamsSchema,
  body: nothing,
  handle: ({ db, params }) => putAwayTrial(db, params.id, null),
})
