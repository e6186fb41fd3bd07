import { throwTestAway } from '../../../../../data/bench/benchTests'
import { testParamsSchema } from '../../../../../messages/bench/tests'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: testParamsSchema,
  handle: ({ db, params }) => throwTestAway(db, params.id, null),
})
