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
  const origin = request.headers.get('origin')
  requireOwnSite(request, origin)
  if (SAFE_METHODS.includes(request.method)) return
  // Programs send no Origin; browsers always do on writes, and "null" from a sandboxed page.
  if (origin !== null && hostOf(origin) !== host) {
    throw new Refused(403, 'wrong-origin', 'Writes are taken from pages of this Innings only.')
  }
}

/**
 * Other pages' requests carry no Origin where they are made to look harmless; browsers say where they come from all the
 * same. A link followed from elsewhere to a page is no such request.
 */
function requireOwnSite(request: Request, origin: string | null): void {
  const site = request.headers.get('sec-fetch-site')
  if (origin !== null || site === null || site === 'same-origin' || site === 'none') return
  const follows =
    request.method === 'GET' &&
    request.headers.get('sec-fetch-mode') === 'navigate' &&
    request.headers.get('sec-fetch-dest') === 'document'
  if (follows && !new URL(request.url).pathname.startsWith('/api/')) return
  throw new Refused(403, 'wrong-site', 'This Innings answers its own pages only.')
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
