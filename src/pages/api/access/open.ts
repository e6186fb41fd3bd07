import { presentPassphraseSchema } from '../../../messages/access'
import { callerOf, openAccess, sessionCookie } from '../../../server/access'
import { defineEndpoint, WithCookie } from '../../../server/defineEndpoint'

export const PUT = defineEndpoint({
  body: presentPassphraseSchema,
  needs: 'keys',
  besideGarden: true,
  async handle({ body, ...input }) {
    await openAccess(body.present, callerOf(input))
    return new WithCookie(null, sessionCookie('', input.request))
  },
})
