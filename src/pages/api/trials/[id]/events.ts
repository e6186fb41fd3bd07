import { potEventSchema } from '../../../../messages/trials/looks'
import { trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { keepPotEvent } from '../../../../server/trials'

export const POST = defineEndpoint({
  params: trialParamsSchema,
  body: potEventSchema,
  status: 201,
  needs: 'log',
  handle: async ({ db, params, body, now }) => keepPotEvent(db, params.id, body, now),
})
