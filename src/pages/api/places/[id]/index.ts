import { placeCorrectionSchema, placeParamsSchema } from '../../../../messages/containers/places'
import { correctPlace } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const PATCH = defineEndpoint({
  params: placeParamsSchema,
  body: placeCorrectionSchema,
  handle: ({ db, params, body }) => correctPlace(db, params.id, body),
})
