import { correctionSchema, momentParamsSchema } from '../../../../../../messages/bench/tests'
import { correct } from '../../../../../../server/bench'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  params: momentParamsSchema,
  body: correctionSchema,
  needs: 'log',
  handle: ({ db, params, body, now }) => correct(db, params.id, params.moment, body, now),
})
