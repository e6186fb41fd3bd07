import { findingSchema } from '../../../../../messages/trials/looks'
import { trialParamsSchema } from '../../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../../server/defineEndpoint'
import { handOn } from '../../../../../server/trials'

export const POST = defineEndpoint({
  params: trialParamsSchema,
  body: findingSchema,
  status: 201,
  handle: async ({ db, params, body, now }) => handOn(db, params.id, body, now),
})
