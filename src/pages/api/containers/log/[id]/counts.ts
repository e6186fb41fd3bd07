import { setLogCounts } from '../../../../../data/season'
import { logParamsSchema } from '../../../../../messages/containers/pots'
import { foundCountsSchema } from '../../../../../messages/media/found'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: logParamsSchema,
  body: foundCountsSchema,
  needs: 'log',
  handle: ({ db, params, body, now }) => setLogCounts(db, params.id, body.counts, now),
})
