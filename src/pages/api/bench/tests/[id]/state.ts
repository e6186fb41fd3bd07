import { testParamsSchema } from '../../../../../messages/bench/tests'
import { testState } from '../../../../../server/bench'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const GET = defineEndpoint({
  params: testParamsSchema,
  handle: ({ db, params, now }) => testState(db, params.id, now),
})
