import { createHash, randomBytes, randomUUID } from 'node:crypto'
import { DAY_MS } from '../../core/units'
import type { Role } from '../../messages/access/access'
import { type Access, changeAccess, type KeptSession, readAccess } from './accessFile'
import { deviceSecrets, sessionSecrets } from './cookies'

const SECRET_BYTES = 32
/** A device that was not here for so long signs in again. */
const UNSEEN_DAYS = 90
const MOST_SESSIONS = 200
const LONGEST_DEVICE = 120

/** What nobody guesses, for a cookie or a script. */
export function newSecret(): string {
  return randomBytes(SECRET_BYTES).toString('base64url')
}

/** A secret of 256 random bits needs no salt and no slow hash. */
export function sumOf(secret: string): string {
  return createHash('sha256').update(secret).digest('base64url')
}

/** A new session; the oldest one ends where there are too many. */
export function withSession(
  access: Access,
  { secret, role, device, at }: { secret: string; role: Role; device: string; at: Date },
): Access {
  const now = at.toISOString()
  const session: KeptSession = {
    id: randomUUID(),
    hash: sumOf(secret),
    role,
    device: device.slice(0, LONGEST_DEVICE),
    since: now,
    seen: now,
  }
  const live = access.sessions.filter((one) => isLive(one, at))
  return { ...access, sessions: [...live, session].slice(-MOST_SESSIONS) }
}

/** The session a cookie belongs to, while it lasts. */
export function sessionOf(access: Access, request: Request, at: Date): KeptSession | null {
  const hashes = sessionSecrets(access, request).map(sumOf)
  return access.sessions.find((one) => hashes.includes(one.hash) && isLive(one, at)) ?? null
}

/** The secret of the device a request comes from, where it was signed in before; it opens nothing. */
export function deviceSecretOf(access: Access, request: Request): string | null {
  const secrets = deviceSecrets(access, request)
  return secrets.find((secret) => access.devices.includes(sumOf(secret))) ?? null
}

/** With a device that is known from now on, for the case that strangers guess. */
export function withDevice(access: Access, secret: string): Access {
  const others = access.devices.filter((one) => one !== sumOf(secret))
  return { ...access, devices: [...others, sumOf(secret)].slice(-MOST_SESSIONS) }
}

/** Keeps the day a device was here, once a day. A page must not fail because that cannot be written. */
export function keepSeen(dataFolder: string, { id, seen }: KeptSession, at: Date): void {
  if (at.getTime() - Date.parse(seen) < DAY_MS) return
  try {
    changeAccess(dataFolder, (access) => ({
      ...access,
      sessions: access.sessions.map((one) =>
        one.id === id ? { ...one, seen: at.toISOString() } : one,
      ),
    }))
  } catch {
    // On a full disk, say: it is tried again with the next page.
  }
}

export function endSessions(
  dataFolder: string,
  ends: (session: KeptSession) => boolean,
): readonly KeptSession[] {
  const ended = readAccess(dataFolder).sessions.filter(ends)
  if (ended.length > 0) {
    changeAccess(dataFolder, (access) => ({
      ...access,
      sessions: access.sessions.filter((one) => !ends(one)),
    }))
  }
  return ended
}

function isLive({ seen }: KeptSession, at: Date): boolean {
  return at.getTime() - Date.parse(seen) < UNSEEN_DAYS * DAY_MS
}
