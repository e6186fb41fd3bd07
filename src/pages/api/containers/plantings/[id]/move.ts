import { movePlantsSchema } from '../../../../../messages/containers/movePlants'
import { plantingParamsSchema } from '../../../../../messages/containers/pots'
import { movePlants } from '../../../../../server/containers'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

/** The same plants in another pot. */
export const POST = defineEndpoint({
  params: plantingParamsSchema,
  body: movePlantsSchema,
  handle: ({ db, params, body, now }) => movePlants(db, params.id, body, now),
})
