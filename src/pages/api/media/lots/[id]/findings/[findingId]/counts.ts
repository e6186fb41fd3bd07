import { endFinding } from '../../../../../../../data/media'
import { foundCountsSchema, foundParamsSchema } from '../../../../../../../messages/media/found'
import { defineEndpoint } from '../../../../../../../server/defineEndpoint'

// What was seen stays written down: it only stops counting, or counts again.
export const POST = defineEndpoint({
  params: foundParamsSchema,
  body: foundCountsSchema,
  needs: 'log',
  handle: async ({ db, params, body, now }) => {
    await endFinding(db, params.id, params.findingId, body.counts ? null : now)
    return { counts: body.counts }
  },
})
