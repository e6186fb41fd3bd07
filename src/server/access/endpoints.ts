import { accessOperations } from '../../messages/access/operations'
import { endpoints } from '../endpoints'
import {
  callerOf,
  endHelpers,
  endToken,
  makeToken,
  openAccess,
  setPassphrase,
  signedIn,
  signedOut,
  signIn,
  signOut,
} from '.'

export const accessEndpoints = endpoints(accessOperations, {
  'POST /api/access/helpers/end': () => endHelpers(),
  'PUT /api/access/open': async ({ body, ...input }) => {
    await openAccess(body.present, callerOf(input))
    return signedOut(input.request)
  },
  'PUT /api/access/passphrases': async ({ body, ...input }) => {
    const begun = await setPassphrase(body, callerOf(input))
    return begun === null ? null : signedIn(null, begun, input.request)
  },
  'POST /api/access/sessions/[id]/end': ({ params }) => signOut(params),
  'PUT /api/access/sign-in': async ({ body, ...input }) => {
    const { role, ...begun } = await signIn(body.passphrase, callerOf(input))
    return signedIn({ role }, begun, input.request)
  },
  'POST /api/access/sign-out-everywhere': async ({ request }) => {
    await signOut('everywhere')
    return signedOut(request)
  },
  'POST /api/access/sign-out': async ({ visitor, request }) => {
    if (visitor.kind === 'session') await signOut({ id: visitor.sessionId })
    return signedOut(request)
  },
  'POST /api/access/tokens/[id]/end': ({ params }) => endToken(params.id),
  'POST /api/access/tokens': async ({ body, now }) => ({ token: await makeToken(body, now) }),
})
