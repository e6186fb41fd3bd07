import { momentSchema, testParamsSchema } from '../../../../../../messages/bench/tests'
import { keepMoment } from '../../../../../../server/bench'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: testParamsSchema,
  body: momentSchema,
  needs: 'log',
  handle: ({ db, params, body, now }) => keepMoment(db, params.id, body, now),
})
