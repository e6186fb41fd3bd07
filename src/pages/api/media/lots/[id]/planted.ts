import { lotParamsSchema, plantedSchema } from '../../../../../messages/media/lots'
import { defineEndpoint } from '../../../../../server/defineEndpoint'
import { planted } from '../../../../../server/media'

export const POST = defineEndpoint({
  params: lotParamsSchema,
  body: plantedSchema,
  handle: ({ db, params, body, now }) => planted(db, params.id, body, now),
})
