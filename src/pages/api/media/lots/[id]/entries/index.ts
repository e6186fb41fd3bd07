import { lotParamsSchema, newEntrySchema } from '../../../../../../messages/media/lots'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'
import { newEntry } from '../../../../../../server/media'

export const POST = defineEndpoint({
  params: lotParamsSchema,
  body: newEntrySchema,
  status: 201,
  handle: ({ db, params, body, now }) => newEntry(db, params.id, body, now),
})
