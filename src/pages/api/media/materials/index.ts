import { materialsQuerySchema } from '../../../../messages/media/materials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { materialsPage } from '../../../../server/media'

export const GET = defineEndpoint({
  query: materialsQuerySchema,
  handle: ({ db, query }) => materialsPage(db, query),
})
