import type { NewPassphrase } from '../../messages/access/access'
import { readConfig } from '../config'
import { isShared } from '../hosts'
import { Refused, refuseField } from '../problem'
import { type Access, changeAccess, readAccess } from './accessFile'
import { hashPassphrase, isPassphrase } from './passphrase'
import { type Begun, begin, type Caller, roleOf } from './signIn'

/**
 * Sets a passphrase. Whoever was signed in with the old one has to sign in again; the manager who sets it stays.
 * @returns the secrets for the cookies of who set it, where that one was signed out by it
 */
export async function setPassphrase(
  { role, passphrase, present }: NewPassphrase,
  caller: Caller,
): Promise<Begun | null> {
  const { dataFolder } = readConfig()
  const access = readAccess(dataFolder)
  if (access.manager) await requirePresent(access, present, caller)
  else if (role === 'helper') {
    refuseField('role', 'Set the passphrase of the manager first.')
  }
  const other = access[role === 'manager' ? 'helper' : 'manager']
  if (other && (await isPassphrase(passphrase, other))) {
    refuseField('passphrase', 'Manager and helper need different passphrases.')
  }
  const hashed = await hashPassphrase(passphrase)
  changeAccess(dataFolder, (before) => ({
    ...before,
    [role]: hashed,
    sessions: before.sessions.filter((one) => one.role !== role),
  }))
  return role === 'manager' ? begin(dataFolder, 'manager', caller) : null
}

async function requirePresent(access: Access, present: string, caller: Caller): Promise<void> {
  const role = await roleOf(access, present, caller, 'present')
  if (role !== 'manager') refuseField('present', 'This is the passphrase of the helpers.')
}

/** No more helpers: their passphrase and their sessions end. */
export async function endHelpers(): Promise<void> {
  const { dataFolder } = readConfig()
  changeAccess(dataFolder, (access) => ({
    ...access,
    helper: null,
    sessions: access.sessions.filter(({ role }) => role !== 'helper'),
  }))
}

/**
 * Does without passphrases again, which only a garden that no other device reaches may.
 * @throws Refused
 */
export async function openAccess(present: string, caller: Caller): Promise<void> {
  const { dataFolder } = readConfig()
  if (isShared(readConfig())) {
    throw new Refused(409, 'shared', 'Other devices reach this garden: it keeps its passphrase.')
  }
  const access = readAccess(dataFolder)
  if (access.manager) await requirePresent(access, present, caller)
  changeAccess(dataFolder, (before) => ({ ...before, manager: null, helper: null, sessions: [] }))
}
