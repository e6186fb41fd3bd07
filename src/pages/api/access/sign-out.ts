import { nothing } from '../../../messages/rules'
import { signedOut, signOut } from '../../../server/access'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: nothing,
  needs: 'read',
  besideGarden: true,
  async handle({ visitor, request }) {
    if (visitor.kind === 'session') await signOut({ id: visitor.sessionId })
    return signedOut(request)
  },
})
