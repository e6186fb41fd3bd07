import { newPlaceSchema } from '../../../messages/containers/places'
import { newPlace } from '../../../server/containers'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: newPlaceSchema,
  status: 201,
  handle: ({ db, body }) => newPlace(db, body),
})
