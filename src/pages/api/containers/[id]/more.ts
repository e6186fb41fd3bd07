import { morePotsSchema, potParamsSchema } from '../../../../messages/containers/pots'
import { morePots } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: potParamsSchema,
  body: morePotsSchema,
  status: 201,
  handle: ({ db, params, body }) => morePots(db, params.id, body.count),
})
