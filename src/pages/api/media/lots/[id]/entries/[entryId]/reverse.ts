import { reverseEntry } from '../../../../../../../data/media'
import { entryParamsSchema, reverseSchema } from '../../../../../../../messages/media/lots'
import { defineEndpoint } from '../../../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: entryParamsSchema,
  body: reverseSchema,
  status: 201,
  handle: ({ db, params, body, now }) =>
    reverseEntry(db, params.id, params.entryId, now, body.note?.trim() || null),
})
