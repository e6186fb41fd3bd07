import { changeManySchema } from '../../../messages/containers/manyPots'
import { changePots } from '../../../server/containers'
import { defineEndpoint } from '../../../server/defineEndpoint'

/** Many pots changed alike. */
export const PATCH = defineEndpoint({
  body: changeManySchema,
  handle: ({ db, body }) => changePots(db, body),
})
