import { lotParamsSchema } from '../../../../../../messages/media/lots'
import { targetsQuerySchema, transferSchema } from '../../../../../../messages/media/transfers'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'
import { newTransfer, transferTargets } from '../../../../../../server/media'

/** Where litres of the lot can go. */
export const GET = defineEndpoint({
  params: lotParamsSchema,
  query: targetsQuerySchema,
  handle: ({ db, params, query: { find = '' } }) => transferTargets(db, params.id, find),
})

export const POST = defineEndpoint({
  params: lotParamsSchema,
  body: transferSchema,
  status: 201,
  handle: ({ db, params, body, now }) => newTransfer(db, params.id, body, now),
})
