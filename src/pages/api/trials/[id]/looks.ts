import { lookBodySchema } from '../../../../messages/trials/looks'
import { trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { keepLook } from '../../../../server/trials'

export const POST = defineEndpoint({
  params: trialParamsSchema,
  body: lookBodySchema,
  status: 201,
  needs: 'log',
  handle: async ({ db, params, body, now }) => keepLook(db, params.id, body, now),
})
