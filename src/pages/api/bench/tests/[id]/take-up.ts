import { throwTestAway } from '../../../../../data/bench'
import { testParamsSchema } from '../../../../../messages/bench/tests'
import { nothing } from '../../../../../messages/rules'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: testParamsSchema,
  body: nothing,
  needs: 'log',
  handle: ({ db, params }) => throwTestAway(db, params.id, null),
})
