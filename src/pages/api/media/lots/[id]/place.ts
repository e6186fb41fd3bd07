import { lotParamsSchema } from '../../../../../messages/media/lots'
import { moveSchema } from '../../../../../messages/media/transfers'
import { defineEndpoint } from '../../../../../server/defineEndpoint'
import { moveLot } from '../../../../../server/media'

export const PUT = defineEndpoint({
  params: lotParamsSchema,
  body: moveSchema,
  handle: ({ db, params, body, now }) => moveLot(db, params.id, body, now),
})
