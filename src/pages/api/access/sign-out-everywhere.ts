import { nothing } from '../../../messages/rules'
import { signedOut, signOut } from '../../../server/access'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: nothing,
  needs: 'keys',
  besideGarden: true,
  async handle({ request }) {
    await signOut('everywhere')
    return signedOut(request)
  },
})
