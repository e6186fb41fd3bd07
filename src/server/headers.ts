/** Sent with every answer. The content security policy comes with each page, with the hashes of its own scripts. */
export const securityHeaders: readonly (readonly [string, string])[] = [
  ['x-content-type-options', 'nosniff'],
  ['referrer-policy', 'same-origin'],
  ['x-frame-options', 'DENY'],
  ['cross-origin-opener-policy', 'same-origin'],
  ['cross-origin-resource-policy', 'same-origin'],
  ['permissions-policy', 'camera=(self), microphone=(), geolocation=(), payment=()'],
]
