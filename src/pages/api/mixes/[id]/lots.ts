import { mixParamsSchema, mixToLotSchema } from '../../../../messages/mixes/mixes'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { mixToLot } from '../../../../server/mixes'

export const POST = defineEndpoint({
  params: mixParamsSchema,
  body: mixToLotSchema,
  status: 201,
  handle: async ({ db, params, body, now }) => ({ id: await mixToLot(db, params.id, body, now) }),
})
