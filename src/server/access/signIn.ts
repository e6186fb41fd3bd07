import { NotFound } from '../../data/errors'
import type { Role, SignedIn } from '../../messages/access/access'
import { readConfig } from '../config'
import { Refused } from '../problem'
import { type Access, changeAccess, readAccess } from './accessFile'
import { isPassphrase } from './passphrase'
import { endSessions, newSecret, sumOf, withDevice, withSession } from './sessions'
import { createSlowDown, slowedAs } from './slowDown'

/** A request as far as signing in goes. */
export interface Caller {
  readonly address: string
  readonly device: string
  /** Of the cookie by which the device is known from an earlier time; null where it is not. */
  readonly deviceSecret: string | null
  readonly at: Date
}

const guesses = createSlowDown(() => Date.now())
const ROLES = ['manager', 'helper'] as const

/**
 * Signs a device in with a passphrase of either role.
 * @throws Refused 401 for a wrong one, 429 after many
 */
export async function signIn(passphrase: string, caller: Caller): Promise<SignedIn & Begun> {
  const { dataFolder } = readConfig()
  const role = await roleOf(readAccess(dataFolder), passphrase, caller, 'passphrase')
  return { role, ...begin(dataFolder, role, caller) }
}

/**
 * Whose passphrase it is. Both are tried, whichever fits: how long it takes tells nothing.
 * @throws Refused 401 for a wrong one, 429 after many, each at the field
 */
export async function roleOf(
  access: Access,
  passphrase: string,
  { address, deviceSecret }: Caller,
  field: string,
): Promise<Role> {
  // What strangers guessed does not keep out whoever was in before; he has guesses of his own.
  const from = deviceSecret === null ? slowedAs(address) : { device: sumOf(deviceSecret) }
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

/** A new session: secrets for the cookies of its device. */
export interface Begun {
  readonly secret: string
  /** By which the device is known again once it was signed out. */
  readonly deviceSecret: string
}

export function begin(dataFolder: string, role: Role, { device, deviceSecret, at }: Caller): Begun {
  const secret = newSecret()
  const known = deviceSecret ?? newSecret()
  changeAccess(dataFolder, (access) =>
    withDevice(withSession(access, { secret, role, device, at }), known),
  )
  return { secret, deviceSecret: known }
}

/** Signs devices out: one, or all there are. */
export async function signOut(which: { readonly id: string } | 'everywhere'): Promise<void> {
  const { dataFolder } = readConfig()
  const ended = endSessions(dataFolder, ({ id }) => which === 'everywhere' || id === which.id)
  if (which !== 'everywhere' && ended.length === 0) {
    throw new NotFound('There is no such device signed in; it may have signed out by itself.')
  }
}
