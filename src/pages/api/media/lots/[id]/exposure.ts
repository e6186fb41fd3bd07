import { exposureSchema, lotParamsSchema } from '../../../../../messages/media/lots'
import { defineEndpoint } from '../../../../../server/defineEndpoint'
import { newExposure } from '../../../../../server/media'

export const PUT = defineEndpoint({
  params: lotParamsSchema,
  body: exposureSchema,
  handle: ({ db, params, body }) => newExposure(db, params.id, body.exposure),
})
