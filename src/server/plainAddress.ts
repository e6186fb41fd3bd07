/** Characters that mean the same written plainly or as a code (RFC 3986, 2.3). */
const UNRESERVED = /^[A-Za-z0-9._~-]$/
const CODE = /%([0-9A-Fa-f]{2})/g

/**
 * One spelling of the address of a request, before anybody looks at it: what decides who may see a page must read the
 * same words as what finds the page. Codes of plain characters are written out, dots and doubled slashes resolved, a
 * slash at the end dropped; a "%" that begins no code is one. Case and the query stay.
 * @param target as it stands in the request's first line
 */
export function plainAddress(target: string): string {
  if (!target.startsWith('/')) return target
  const [, path = '', query = ''] = /^([^?#]*)(.*)$/.exec(target) ?? []
  const segments: string[] = []
  for (const segment of spelled(path).split('/')) {
    if (segment === '' || segment === '.') continue
    if (segment === '..') segments.pop()
    else segments.push(segment)
  }
  return `/${segments.join('/')}${query}`
}

function spelled(path: string): string {
  const whole = path.replace(/%(?![0-9A-Fa-f]{2})/g, '%25').replaceAll('\\', '%5C')
  const plain = whole.replace(CODE, (code, hex: string) => {
    const character = String.fromCharCode(Number.parseInt(hex, 16))
    return UNRESERVED.test(character) ? character : code.toUpperCase()
  })
  return isText(plain) ? plain : plain.replaceAll('%', '%25')
}

/** Codes may be of no letters at all. */
function isText(path: string): boolean {
  try {
    decodeURIComponent(path)
    return true
  } catch {
    return false
  }
}
