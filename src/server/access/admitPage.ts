import { Refused } from '../problem'
import { type Need, requireMay, type Visitor, visitorOf } from './admit'

const SIGN_IN = '/sign-in'

/** What it takes to see a page; a page that is not named here is seen by whoever is signed in. */
const NEEDS: Readonly<Record<string, Need>> = { [SIGN_IN]: 'anyone', '/access': 'keys' }

/**
 * Lets a visitor see a page.
 * @returns the visitor, or for a stranger the address to sign in at, from where the page follows
 * @throws Refused 403
 */
export async function admitToPage(
  request: Request,
): Promise<Visitor | { readonly signInAt: string }> {
  const { pathname, search } = new URL(request.url)
  const visitor = await visitorOf(request)
  const path = pathname.replace(/\/+$/, '') || '/'
  try {
    requireMay(visitor, NEEDS[path] ?? 'read')
    return visitor
  } catch (error) {
    if (!(error instanceof Refused && error.status === 401) || isApi(path)) throw error
    const to = path === '/' ? '' : `?to=${encodeURIComponent(pathname + search)}`
    return { signInAt: `${SIGN_IN}${to}` }
  }
}

export function isApi(pathname: string): boolean {
  return pathname.startsWith('/api/')
}

/** An address of ours to go on to, whatever stands in a link: never another site. */
export function ownAddress(to: string | undefined): string {
  if (!to || !/^\/(?![/\\])/.test(to)) return '/'
  const base = 'http://innings.invalid'
  try {
    const url = new URL(to, base)
    return url.origin === base && url.pathname !== SIGN_IN
      ? `${url.pathname}${url.search}${url.hash}`
      : '/'
  } catch {
    return '/'
  }
}
