import { findQuerySchema } from '../../messages/find'
import { defineEndpoint } from '../../server/defineEndpoint'
import { findItems } from '../../server/find'

export const GET = defineEndpoint({
  query: findQuerySchema,
  handle: ({ db, query: { find = '' } }) => findItems(db, find),
})
