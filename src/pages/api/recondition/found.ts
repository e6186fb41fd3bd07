import { manyFoundSchema } from '../../../messages/recondition/manyFound'
import { defineEndpoint } from '../../../server/defineEndpoint'
import { manyFound } from '../../../server/media'

export const POST = defineEndpoint({
  body: manyFoundSchema,
  status: 201,
  needs: 'log',
  handle: ({ db, body, now }) => manyFound(db, body, now),
})
