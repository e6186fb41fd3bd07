import { finishSchema, testParamsSchema } from '../../../../../messages/bench/tests'
import { finishBenchTest } from '../../../../../server/bench'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: testParamsSchema,
  body: finishSchema,
  needs: 'log',
  handle: ({ db, params, body, now }) => finishBenchTest(db, params.id, body, now),
})
