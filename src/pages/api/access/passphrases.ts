import { newPassphraseSchema } from '../../../messages/access'
import { callerOf, sessionCookie, setPassphrase } from '../../../server/access'
import { defineEndpoint, WithCookie } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: newPassphraseSchema,
  needs: 'keys',
  besideGarden: true,
  async handle({ body, ...input }) {
    const secret = await setPassphrase(body, callerOf(input))
    return secret === null ? null : new WithCookie(null, sessionCookie(secret, input.request))
  },
})
