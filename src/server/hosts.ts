import { networkInterfaces } from 'node:os'
import { type Config, readConfig } from './config'
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
  const config = readConfig()
  if (OWN_NAMES.includes(name) || config.extraHosts.includes(name)) return true
  if (!isOnNetwork(config)) return false
  // A number cannot be made to lead elsewhere, as a name can.
  return name === config.host.toLowerCase() || ownAddresses().some((one) => inAddress(one) === name)
}

/** Whether other machines reach this one, directly or through a program in front of it. */
export function isShared(config: Config): boolean {
  return isOnNetwork(config) || config.extraHosts.length > 0
}

function isOnNetwork({ host }: Config): boolean {
  return !/^(127(\.\d+){3}|localhost|::1)$/i.test(host)
}

/** The addresses of this machine in its networks. */
export function ownAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((one) => one ?? [])
    .filter(({ internal }) => !internal)
    .map(({ address }) => address.toLowerCase())
}

/** A number as it stands in an address. */
export function inAddress(number: string): string {
  return number.includes(':') ? `[${number}]` : number
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host
  } catch {
    return null
  }
}
