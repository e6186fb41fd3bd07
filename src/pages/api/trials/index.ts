import { newTrialSchema } from '../../../messages/trials/trials'
import { defineEndpoint } from '../../../server/defineEndpoint'
import { newTrial } from '../../../server/trials'

export const POST = defineEndpoint({
  body: newTrialSchema,
  limitBytes: 64_000,
  status: 201,
  handle: async ({ db, body, now }) => ({ id: await newTrial(db, body, now) }),
})
