import { newPassphraseSchema } from '../../../messages/access'
import { callerOf, setPassphrase, signedIn } from '../../../server/access'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: newPassphraseSchema,
  needs: 'keys',
  besideGarden: true,
  async handle({ body, ...input }) {
    const begun = await setPassphrase(body, callerOf(input))
    return begun === null ? null : signedIn(null, begun, input.request)
  },
})
