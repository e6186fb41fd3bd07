import { signInSchema } from '../../../messages/access'
import { callerOf, signedIn, signIn } from '../../../server/access'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: signInSchema,
  needs: 'anyone',
  besideGarden: true,
  async handle({ body, ...input }) {
    const { role, ...begun } = await signIn(body.passphrase, callerOf(input))
    return signedIn({ role }, begun, input.request)
  },
})
