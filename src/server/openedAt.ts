/** The address under which Innings was opened, its port included: http://192.168.1.20:4321. */
export function openedAt(request: Request): string {
  const { protocol, host } = new URL(request.url)
  return `${protocol}//${request.headers.get('host') ?? host}`
}
