import { takeContainersUp } from '../../../data/containers'
import { manyPotsSchema } from '../../../messages/containers/manyPots'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: manyPotsSchema,
  handle: ({ db, body }) => takeContainersUp(db, body.ids),
})
