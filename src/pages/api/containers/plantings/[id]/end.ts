import { endOfPlantingSchema, plantingParamsSchema } from '../../../../../messages/containers/pots'
import { endOfPlanting } from '../../../../../server/containers'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: plantingParamsSchema,
  body: endOfPlantingSchema,
  handle: ({ db, params, body, now }) => endOfPlanting(db, params.id, body, now),
})
