import { writePlace } from '../../../data/site'
import { sitePlaceSchema } from '../../../messages/site'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: sitePlaceSchema,
  handle: async ({ db, body }) => ({ version: await writePlace(db, body) }),
})
