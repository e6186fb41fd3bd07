import { writeTapWater } from '../../../data/site'
import { tapWaterSchema } from '../../../messages/bench/tests'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: tapWaterSchema,
  needs: 'log',
  handle: async ({ db, body: { version, ...tapWater } }) => ({
    version: await writeTapWater(db, tapWater, version),
  }),
})
