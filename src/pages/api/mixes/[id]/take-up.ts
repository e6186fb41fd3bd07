import { putAwayMix } from '../../../../data/mixes'
import { mixParamsSchema } from '../../../../messages/mixes/mixes'
import { nothing } from '../../../../messages/rules'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: mixParamsSchema,
  body: nothing,
  handle: ({ db, params }) => putAwayMix(db, params.id, null),
})
