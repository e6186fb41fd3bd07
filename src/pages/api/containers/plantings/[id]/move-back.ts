import { movePlantingBack } from '../../../../../data/season'
import { plantingParamsSchema } from '../../../../../messages/containers/pots'
import { nothing } from '../../../../../messages/rules'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: plantingParamsSchema,
  body: nothing,
  handle: ({ db, params }) => movePlantingBack(db, params.id),
})
