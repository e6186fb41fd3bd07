import { NotFound } from '../../data/errors'
import type { Role, SignedIn } from '../../messages/access'
import { readConfig } from '../config'
import { Refused } from '../problem'
import { type Access, changeAccess, readAccess } from './accessFile'
import { isPassphrase } from './passphrase'
import { endSessions, newSecret, withSession } from './sessions'
import { createSlowDown, slowedAs } from './slowDown'

/** A request as far as signing in goes. */
export interface Caller {
  readonly address: string
  readonly device: string
  readonly at: Date
}

const guesses = createSlowDown(Date.now)
const ROLES = ['manager', 'helper'] as const

/**
 * Signs a device in with a passphrase of either role.
 * @returns the role and the secret for its cookie
 * @throws Refused 401 for a wrong one, 429 after many
 */
export async function signIn(
  passphrase: string,
  caller: Caller,
): Promise<SignedIn & { readonly secret: string }> {
  const { dataFolder } = readConfig()
  const role = await roleOf(readAccess(dataFolder), passphrase, caller, 'passphrase')
  return { role, secret: begin(dataFolder, role, caller) }
}

/**
 * Whose passphrase it is. Both are tried, whichever fits: how long it takes tells nothing.
 * @throws Refused 401 for a wrong one, 429 after many, each at the field
 */
export async function roleOf(
  access: Access,
  passphrase: string,
  { address }: Caller,
  field: string,
): Promise<Role> {
  const from = slowedAs(address)
  const waitMs = guesses.waitMs(from)
  if (waitMs > 0) {
    const seconds = Math.ceil(waitMs / 1000)
    const wait = seconds > 90 ? `${Math.ceil(seconds / 60)} minutes` : `${seconds} seconds`
    const sentence = `There were many wrong passphrases: the next one is looked at in ${wait}.`
    throw new Refused(429, 'slow-down', sentence, [{ field, message: sentence }])
  }
  guesses.begin(from)
  let found: Role | null = null
  for (const role of ROLES) {
    const kept = access[role]
    if (kept && (await isPassphrase(passphrase, kept))) found ??= role
  }
  if (!found) {
    const sentence = 'This is not the passphrase. Capitals and spaces count.'
    throw new Refused(401, 'wrong-passphrase', sentence, [{ field, message: sentence }])
  }
  guesses.succeed(from)
  return found
}

/** A new session: its secret. */
export function begin(dataFolder: string, role: Role, { device, at }: Caller): string {
  const secret = newSecret()
  changeAccess(dataFolder, (access) => withSession(access, { secret, role, device, at }))
  return secret
}

/** Signs devices out: one, or all there are. */
export async function signOut(which: { readonly id: string } | 'everywhere'): Promise<void> {
  const { dataFolder } = readConfig()
  const ended = endSessions(dataFolder, ({ id }) => which === 'everywhere' || id === which.id)
  if (which !== 'everywhere' && ended.length === 0) {
    throw new NotFound('There is no such device signed in; it may have signed out by itself.')
  }
}
