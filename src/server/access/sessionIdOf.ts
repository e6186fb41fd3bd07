import { now } from '../clock'
import { readConfig } from '../config'
import { readAccess } from './accessFile'
import { sessionOf } from './sessions'

/** The session that a cookie belongs to, before anything else is looked at; null for a stranger, or where none can be known. */
export function sessionIdOf(cookie: string | undefined): string | null {
  if (!cookie) return null
  try {
    const request = new Request('http://innings.invalid', { headers: { cookie } })
    return sessionOf(readAccess(readConfig().dataFolder), request, now())?.id ?? null
  } catch {
    return null
  }
}
