import { goingOnParams, potOnSchema } from '../../../../messages/containers/goingOn'
import { potOnInto } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: goingOnParams,
  body: potOnSchema,
  handle: ({ db, params, body, now }) => potOnInto(db, params.id, body, now),
})
