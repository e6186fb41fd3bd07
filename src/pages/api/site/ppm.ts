import { writePpm } from '../../../data/site'
import { ppmFactorSchema } from '../../../messages/site'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: ppmFactorSchema,
  handle: async ({ db, body }) => {
    await writePpm(db, body.ppmPerDsM)
    return body
  },
})
