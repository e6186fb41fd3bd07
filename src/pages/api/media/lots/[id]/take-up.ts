import { takeUpLot } from '../../../../../data/media'
import { lotParamsSchema, takeUpLotSchema } from '../../../../../messages/media/lots'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: lotParamsSchema,
  body: takeUpLotSchema,
  handle: ({ db, params, body }) => takeUpLot(db, params.id, body.containerIds),
})
