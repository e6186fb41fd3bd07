import { renameLot } from '../../../../../data/media'
import { lotParamsSchema, renameLotSchema } from '../../../../../messages/media/lots'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const PATCH = defineEndpoint({
  params: lotParamsSchema,
  body: renameLotSchema,
  handle: ({ db, params, body }) => renameLot(db, params.id, body),
})
