import { fillPotSchema } from '../../../../messages/containers/fillPot'
import { potParamsSchema } from '../../../../messages/containers/pots'
import { fillPot } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

/** An empty pot filled, or only looked at what it would take. */
export const POST = defineEndpoint({
  params: potParamsSchema,
  body: fillPotSchema,
  handle: ({ db, params, body, now }) => fillPot(db, params.id, body, now),
})
