import { lotParamsSchema } from '../../../../../../messages/media/lots'
import { newReadingSchema } from '../../../../../../messages/media/readings'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'
import { newReading } from '../../../../../../server/media'

export const POST = defineEndpoint({
  params: lotParamsSchema,
  body: newReadingSchema,
  status: 201,
  needs: 'log',
  handle: ({ db, params, body, now }) => newReading(db, params.id, body, now),
})
