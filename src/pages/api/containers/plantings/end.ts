import { endManySchema } from '../../../../messages/containers/manyPots'
import { endMany } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

/** All that grows in many pots, ended alike. */
export const POST = defineEndpoint({
  body: endManySchema,
  handle: ({ db, body, now }) => endMany(db, body, now),
})
