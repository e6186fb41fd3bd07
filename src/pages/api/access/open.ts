import { presentPassphraseSchema } from '../../../messages/access'
import { callerOf, openAccess, signedOut } from '../../../server/access'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: presentPassphraseSchema,
  needs: 'keys',
  besideGarden: true,
  async handle({ body, ...input }) {
    await openAccess(body.present, callerOf(input))
    return signedOut(input.request)
  },
})
