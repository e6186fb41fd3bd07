import { throwTestAway } from '../../../../../data/bench'
import { setAsideSchema, testParamsSchema } from '../../../../../messages/bench/tests'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: testParamsSchema,
  body: setAsideSchema,
  needs: 'log',
  handle: async ({ db, params, body, now }) => {
    await throwTestAway(db, params.id, now, body.reason)
    return null
  },
})
