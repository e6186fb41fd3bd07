import { readConfig } from './config'
import { Refused } from './problem'

const OWN_NAMES = ['localhost', '127.0.0.1', '[::1]']
const SAFE_METHODS = ['GET', 'HEAD', 'OPTIONS']

/**
 * Refuses requests that name a host we are not (DNS rebinding) and writes that come from another site's page.
 * @throws Refused 403
 */
export function requireOwnHost(request: Request): void {
  const host = request.headers.get('host') ?? new URL(request.url).host
  if (!isOwn(host)) {
    throw new Refused(403, 'wrong-host', 'This Innings does not answer under that name.')
  }
  if (SAFE_METHODS.includes(request.method)) return
  const origin = request.headers.get('origin')
  // Programs send no Origin; browsers always do on writes, and "null" from a sandboxed page.
  if (origin !== null && hostOf(origin) !== host) {
    throw new Refused(403, 'wrong-origin', 'Writes are taken from pages of this Innings only.')
  }
}

function isOwn(host: string): boolean {
  const name = host.replace(/:\d+$/, '').toLowerCase()
  return OWN_NAMES.includes(name) || readConfig().extraHosts.includes(name)
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host
  } catch {
    return null
  }
}
