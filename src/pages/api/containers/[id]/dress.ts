import { dressSchema, goingOnParams } from '../../../../messages/containers/goingOn'
import { topDress } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: goingOnParams,
  body: dressSchema,
  handle: ({ db, params, body, now }) => topDress(db, params.id, body, now),
})
