import { seeMends } from '../../../../data/media'
import { seenMendsSchema } from '../../../../messages/media/audit'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: seenMendsSchema,
  handle: async ({ db, body, now }) => {
    await seeMends(db, body.ids, now)
    return body
  },
})
