import { newTokenSchema } from '../../../../messages/access'
import { makeToken } from '../../../../server/access'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: newTokenSchema,
  status: 201,
  needs: 'keys',
  besideGarden: true,
  handle: async ({ body, now }) => ({ token: await makeToken(body, now) }),
})
