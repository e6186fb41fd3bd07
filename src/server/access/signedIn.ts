import { WithHeaders } from '../answerKinds'
import { readConfig } from '../config'
import { readAccess } from './accessFile'
import { signInHeaders, signOutHeaders } from './cookies'
import type { Begun } from './signIn'

/** An answer that signs the device in. */
export function signedIn<Answer>(
  answer: Answer,
  { secret, deviceSecret }: Begun,
  request: Request,
): WithHeaders<Answer> {
  const access = readAccess(readConfig().dataFolder)
  return new WithHeaders(answer, signInHeaders(access, secret, deviceSecret, request))
}

/** An answer that signs the device out. */
export function signedOut(request: Request): WithHeaders<null> {
  return new WithHeaders(null, signOutHeaders(readAccess(readConfig().dataFolder), request))
}
