import { signInSchema } from '../../../messages/access'
import { callerOf, sessionCookie, signIn } from '../../../server/access'
import { defineEndpoint, WithCookie } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: signInSchema,
  needs: 'anyone',
  besideGarden: true,
  async handle({ body, ...input }) {
    const { role, secret } = await signIn(body.passphrase, callerOf(input))
    return new WithCookie({ role }, sessionCookie(secret, input.request))
  },
})
