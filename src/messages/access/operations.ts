import { answers, operation } from '../operation'
import { nothing } from '../rules'
import {
  accessIdSchema,
  newPassphraseSchema,
  newTokenSchema,
  presentPassphraseSchema,
  type SignedIn,
  signInSchema,
} from './access'

export const accessOperations = {
  'POST /api/access/helpers/end': operation({
    body: nothing,
    needs: 'keys',
    besideGarden: true,
    answer: answers<null>(),
  }),
  'PUT /api/access/open': operation({
    body: presentPassphraseSchema,
    needs: 'keys',
    besideGarden: true,
    answer: answers<null>(),
  }),
  'PUT /api/access/passphrases': operation({
    body: newPassphraseSchema,
    needs: 'keys',
    besideGarden: true,
    answer: answers<null>(),
  }),
  'POST /api/access/sessions/[id]/end': operation({
    params: accessIdSchema,
    body: nothing,
    needs: 'keys',
    besideGarden: true,
    answer: answers<null>(),
  }),
  'PUT /api/access/sign-in': operation({
    body: signInSchema,
    needs: 'anyone',
    besideGarden: true,
    answer: answers<SignedIn>(),
  }),
  'POST /api/access/sign-out-everywhere': operation({
    body: nothing,
    needs: 'keys',
    besideGarden: true,
    answer: answers<null>(),
  }),
  'POST /api/access/sign-out': operation({
    body: nothing,
    needs: 'read',
    besideGarden: true,
    answer: answers<null>(),
  }),
  'POST /api/access/tokens/[id]/end': operation({
    params: accessIdSchema,
    body: nothing,
    needs: 'keys',
    besideGarden: true,
    answer: answers<null>(),
  }),
  'POST /api/access/tokens': operation({
    body: newTokenSchema,
    status: 201,
    needs: 'keys',
    besideGarden: true,
    answer: answers<{ readonly token: string }>(),
  }),
} as const
