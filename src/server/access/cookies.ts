import type { Access } from './accessFile'

/**
 * Cookies are a host's, whatever its port: two gardens on one machine would sign each other's devices out. So a name
 * tells the folder; that of earlier versions did not.
 */
const SESSION = 'innings-session'
const DEVICE = 'innings-device'
const LASTS_S = 360 * 24 * 60 * 60

/** What stands in the cookies that sign a device in. */
export function sessionSecrets({ id }: Access, request: Request): string[] {
  return [`${SESSION}-${id}`, SESSION].flatMap((name) => cookiesOf(request, name))
}

/** What stands in the cookies by which a device that was signed in is known again. */
export function deviceSecrets({ id }: Access, request: Request): string[] {
  return cookiesOf(request, `${DEVICE}-${id}`)
}

/** The cookies of a device that signs in. No script on the page can read them. */
export function signInHeaders({ id }: Access, secret: string, device: string, request: Request) {
  return [cookie(`${SESSION}-${id}`, secret, request), cookie(`${DEVICE}-${id}`, device, request)]
}

/** A device that signs out forgets its session, and the photos and pages it kept, where browsers can be told so. */
export function signOutHeaders({ id }: Access, request: Request) {
  const isHeard = isEncrypted(request) || isOnThisMachine(request)
  return [
    cookie(`${SESSION}-${id}`, '', request),
    cookie(SESSION, '', request),
    ...(isHeard ? [['clear-site-data', '"cache"'] as const] : []),
  ]
}

/** Whether the browser sees an encrypted address, also where another program in front of this one takes care of that. */
export function isEncrypted(request: Request): boolean {
  const origin = request.headers.get('origin') ?? request.url
  return origin.startsWith('https:')
}

export function isOnThisMachine(request: Request): boolean {
  return /^(localhost|127\.0\.0\.1|\[::1\])(:|$)/.test(request.headers.get('host') ?? '')
}

function cookie(name: string, secret: string, request: Request): readonly [string, string] {
  const isSecure = isEncrypted(request) ? '; Secure' : ''
  const lasts = secret === '' ? 0 : LASTS_S
  return [
    'set-cookie',
    `${name}=${secret}; Path=/; Max-Age=${lasts}; HttpOnly; SameSite=Lax${isSecure}`,
  ]
}

function cookiesOf(request: Request, wanted: string): string[] {
  return (request.headers.get('cookie') ?? '').split(';').flatMap((part) => {
    const [name, value] = part.trim().split('=')
    return name === wanted && value ? [value] : []
  })
}
