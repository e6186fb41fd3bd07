import { throwTestAway } from '../../../../../data/bench/benchTests'
import { testParamsSchema } from '../../../../../messages/bench/tests'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: testParamsSchema,
  handle: ({ db, params, now }) => throwTestAway(db, params.id, now),
})
