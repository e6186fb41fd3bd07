import { addPen } from '../../../../data/bench'
import { newPenSchema } from '../../../../messages/bench/tests'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: newPenSchema,
  status: 201,
  handle: async ({ db, body, now }) => ({ id: await addPen(db, body.name, now) }),
})
