import { writePractice } from '../../../data/site'
import { practiceSchema } from '../../../messages/practice'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: practiceSchema,
  handle: async ({ db, body }) => {
    await writePractice(db, body)
    return body
  },
})
