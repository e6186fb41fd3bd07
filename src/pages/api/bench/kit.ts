import { writeKit } from '../../../data/bench'
import { kitSchema } from '../../../messages/bench/tests'
import { requireKit } from '../../../server/bench'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: kitSchema,
  handle: async ({ db, body: { kit, version } }) => {
    requireKit(kit)
    return { version: await writeKit(db, kit, version) }
  },
})
