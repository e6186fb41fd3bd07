import { createHash, randomBytes, randomUUID } from 'node:crypto'
import type { Role } from '../../messages/access'
import { type Access, changeAccess, type KeptSession, readAccess } from './accessFile'

export const SESSION_COOKIE = 'innings-session'

const SECRET_BYTES = 32
const DAY_MS = 24 * 60 * 60 * 1000
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
  const secret = cookieOf(request)
  if (secret === null) return null
  const hash = sumOf(secret)
  return access.sessions.find((one) => one.hash === hash && isLive(one, at)) ?? null
}

/** Keeps the day a device was here, once a day. */
export function keepSeen(dataFolder: string, { id, seen }: KeptSession, at: Date): void {
  if (at.getTime() - Date.parse(seen) < DAY_MS) return
  changeAccess(dataFolder, (access) => ({
    ...access,
    sessions: access.sessions.map((one) =>
      one.id === id ? { ...one, seen: at.toISOString() } : one,
    ),
  }))
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

/** The cookie that signs a device in, or out with an empty secret. No script on the page can read it. */
export function sessionCookie(secret: string, request: Request): string {
  const lasts = secret === '' ? 0 : UNSEEN_DAYS * 4 * 24 * 60 * 60
  const isSecure = isEncrypted(request) ? '; Secure' : ''
  return `${SESSION_COOKIE}=${secret}; Path=/; Max-Age=${lasts}; HttpOnly; SameSite=Lax${isSecure}`
}

/** Whether the browser sees an encrypted address, also where another program in front of this one takes care of that. */
export function isEncrypted(request: Request): boolean {
  const origin = request.headers.get('origin') ?? request.url
  return origin.startsWith('https:')
}

function isLive({ seen }: KeptSession, at: Date): boolean {
  return at.getTime() - Date.parse(seen) < UNSEEN_DAYS * DAY_MS
}

function cookieOf(request: Request): string | null {
  for (const part of (request.headers.get('cookie') ?? '').split(';')) {
    const [name, value] = part.trim().split('=')
    if (name === SESSION_COOKIE && value) return value
  }
  return null
}
