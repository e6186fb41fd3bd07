import { lessonsSchema, trialParamsSchema } from '../../../../messages/trials/trials'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { keepLessons, trialPage } from '../../../../server/trials'

export const PUT = defineEndpoint({
  params: trialParamsSchema,
  body: lessonsSchema,
  handle: async ({ db, params, body }) => {
    await keepLessons(db, params.id, body)
    return trialPage(db, params.id)
  },
})
