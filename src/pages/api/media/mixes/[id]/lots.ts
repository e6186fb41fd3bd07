import { mixParamsSchema, mixToLotSchema } from '../../../../../messages/media/mixes'
import { defineEndpoint } from '../../../../../server/defineEndpoint'
import { mixToLot } from '../../../../../server/media/saveMix'

export const POST = defineEndpoint({
  params: mixParamsSchema,
  body: mixToLotSchema,
  status: 201,
  handle: async ({ db, params, body, now }) => ({ id: await mixToLot(db, params.id, body, now) }),
})
