import { newFoundSchema } from '../../../../../../messages/media/found'
import { lotParamsSchema } from '../../../../../../messages/media/lots'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'
import { newFound } from '../../../../../../server/lots'

export const POST = defineEndpoint({
  params: lotParamsSchema,
  body: newFoundSchema,
  status: 201,
  needs: 'log',
  handle: ({ db, params, body, now }) => newFound(db, params.id, body, now),
})
