import { newPlantingsSchema } from '../../../../messages/containers/pots'
import { newPlantings } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: newPlantingsSchema,
  status: 201,
  handle: ({ db, body, now }) => newPlantings(db, body, now),
})
