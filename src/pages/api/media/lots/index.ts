import { newLotSchema } from '../../../../messages/media/lots'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { newLot } from '../../../../server/media'

export const POST = defineEndpoint({
  body: newLotSchema,
  status: 201,
  handle: ({ db, body, now }) => newLot(db, body, now),
})
