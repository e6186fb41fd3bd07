import { keepDraft } from '../../../../../data/bench'
import { draftSchema, testParamsSchema } from '../../../../../messages/bench/tests'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  params: testParamsSchema,
  body: draftSchema,
  needs: 'log',
  handle: ({ db, params, body }) => keepDraft(db, params.id, body.values),
})
