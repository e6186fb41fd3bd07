import { putPlaceAway } from '../../../../data/containers'
import { placeParamsSchema } from '../../../../messages/containers/places'
import { nothing } from '../../../../messages/rules'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: placeParamsSchema,
  body: nothing,
  handle: ({ db, params, now }) => putPlaceAway(db, params.id, now),
})
