import { newHeapSchema } from '../../../../messages/recondition/batches'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { newHeap } from '../../../../server/media'

export const POST = defineEndpoint({
  body: newHeapSchema,
  status: 201,
  handle: ({ db, body, now }) => newHeap(db, body, now),
})
