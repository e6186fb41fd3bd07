import { stepBodySchema, stepParamsSchema } from '../../../../../../messages/recondition/turnover'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'
import { tickStep } from '../../../../../../server/recondition'

export const PATCH = defineEndpoint({
  params: stepParamsSchema,
  body: stepBodySchema,
  needs: 'log',
  handle: ({ db, params, body, now }) => tickStep(db, params, body, now),
})
