import { correctionSchema, momentParamsSchema } from '../../../../../../messages/bench/tests'
import { correct } from '../../../../../../server/bench'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  params: momentParamsSchema,
  body: correctionSchema,
  handle: ({ db, params, body, now }) => correct(db, params.id, params.moment, body, now),
})
