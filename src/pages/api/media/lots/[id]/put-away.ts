import { putAwayLot } from '../../../../../data/media'
import { lotParamsSchema } from '../../../../../messages/media/lots'
import { nothing } from '../../../../../messages/rules'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: lotParamsSchema,
  body: nothing,
  handle: ({ db, params, now }) => putAwayLot(db, params.id, now),
})
