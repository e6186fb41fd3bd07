import { putBackManySchema } from '../../../messages/containers/manyPots'
import { putPotsBack } from '../../../server/containers'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: putBackManySchema,
  handle: ({ db, body }) => putPotsBack(db, body),
})
