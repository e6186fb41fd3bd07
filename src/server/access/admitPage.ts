import type { Need } from '../../messages/operation'
import { Refused } from '../problem'
import { requireMay, type Visitor, visitorOf } from './admit'
import { isPage } from './pagePaths'

const SIGN_IN = '/sign-in'

/** What it takes to see a page, by its route; one that is not named here is seen by whoever is signed in. */
const NEEDS: Readonly<Record<string, Need>> = {
  [SIGN_IN]: 'anyone',
  '/access': 'keys',
  // Forms that nobody else could save.
  '/lots/new': 'manage',
  '/pots/paste': 'manage',
  '/trials/new': 'manage',
}

/**
 * Lets a visitor see a page.
 * @param route that the router chose: what is shown is what was asked about, however the address was spelled
 * @returns the visitor, or for a stranger the address to sign in at, from where the page follows
 * @throws Refused 403
 */
export async function admitToPage(
  request: Request,
  route: string,
): Promise<Visitor | { readonly signInAt: string }> {
  const { pathname, search } = new URL(request.url)
  const visitor = await visitorOf(request)
  try {
    requireMay(visitor, NEEDS[route] ?? 'read')
    return visitor
  } catch (error) {
    if (!(error instanceof Refused && error.status === 401) || isApi(pathname)) throw error
    const to = pathname === '/' ? '' : `?to=${encodeURIComponent(pathname + search)}`
    return { signInAt: `${SIGN_IN}${to}` }
  }
}

export function isApi(route: string): boolean {
  return route === '/api' || route.startsWith('/api/')
}

/** An address of ours to go on to, whatever stands in a link: a page of ours, or the first one. */
export function ownAddress(to: string | undefined): string {
  const base = 'http://innings.invalid'
  try {
    const url = new URL(to ?? '', base)
    const isOurs = url.origin === base && isPage(url.pathname) && url.pathname !== SIGN_IN
    return isOurs ? `${url.pathname}${url.search}${url.hash}` : '/'
  } catch {
    return '/'
  }
}
