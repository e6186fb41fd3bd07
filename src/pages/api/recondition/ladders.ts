import { laddersQuerySchema } from '../../../messages/recondition/plan'
import { defineEndpoint } from '../../../server/defineEndpoint'
import { laddersOf } from '../../../server/recondition'

export const GET = defineEndpoint({
  query: laddersQuerySchema,
  handle: ({ db, query, now }) => laddersOf(db, query, now),
})
