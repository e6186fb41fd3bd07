import { testParamsSchema } from '../../../../../messages/bench/tests'
import { nothing } from '../../../../../messages/rules'
import { correctTest } from '../../../../../server/bench'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: testParamsSchema,
  body: nothing,
  status: 201,
  needs: 'log',
  handle: ({ db, params }) => correctTest(db, params.id),
})
