import { nothing } from '../../../messages/rules'
import { sessionCookie, signOut } from '../../../server/access'
import { defineEndpoint, WithCookie } from '../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: nothing,
  needs: 'keys',
  besideGarden: true,
  async handle({ request }) {
    await signOut('everywhere')
    return new WithCookie(null, sessionCookie('', request))
  },
})
