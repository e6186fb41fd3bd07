import { logParamsSchema } from '../../../../../messages/containers/pots'
import { foundCountsSchema } from '../../../../../messages/media/found'
import { letEntryCount } from '../../../../../server/containers'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: logParamsSchema,
  body: foundCountsSchema,
  needs: 'log',
  handle: ({ db, params, body, now }) => letEntryCount(db, params.id, body.counts, now),
})
