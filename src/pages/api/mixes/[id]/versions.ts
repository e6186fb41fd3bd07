import { mixParamsSchema, nextVersionSchema } from '../../../../messages/mixes/mixes'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { saveNextVersion } from '../../../../server/mixes'

export const POST = defineEndpoint({
  params: mixParamsSchema,
  body: nextVersionSchema,
  status: 201,
  handle: async ({ db, params, body, now }) => ({
    version: await saveNextVersion(db, params.id, body, now),
  }),
})
