import { potCorrectionSchema, potParamsSchema } from '../../../../messages/containers/pots'
import { correctPot } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const PATCH = defineEndpoint({
  params: potParamsSchema,
  body: potCorrectionSchema,
  handle: ({ db, params, body }) => correctPot(db, params.id, body),
})
