import { newMixSchema } from '../../../messages/mixes/mixes'
import { defineEndpoint } from '../../../server/defineEndpoint'
import { saveMix } from '../../../server/mixes'

export const POST = defineEndpoint({
  body: newMixSchema,
  status: 201,
  handle: async ({ db, body, now }) => ({ id: await saveMix(db, body, now) }),
})
