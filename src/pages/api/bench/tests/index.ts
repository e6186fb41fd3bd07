import { startSchema } from '../../../../messages/bench/tests'
import { startBenchTest } from '../../../../server/bench'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: startSchema,
  status: 201,
  needs: 'log',
  handle: async ({ db, body, now }) => ({ id: await startBenchTest(db, body, now) }),
})
