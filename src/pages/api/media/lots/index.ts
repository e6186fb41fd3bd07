import { newLotSchema } from '../../../../messages/media/lots'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { newLot } from '../../../../server/media/newLot'

export const POST = defineEndpoint({
  body: newLotSchema,
  status: 201,
  handle: async ({ db, body, now }) => ({ id: await newLot(db, body, now) }),
})
