import { samplesQuerySchema } from '../../../messages/bench/tests'
import { sampleChoices } from '../../../server/bench'
import { defineEndpoint } from '../../../server/defineEndpoint'

/** What can be tested, by its name. */
export const GET = defineEndpoint({
  query: samplesQuerySchema,
  handle: ({ db, query: { find = '' } }) => sampleChoices(db, find),
})
