import type { IncomingHttpHeaders } from 'node:http'

/** Of our own, from the process around the pages to them: whoever sends one is not listened to. */
export const ADDRESS_HEADER = 'innings-address'

/** Believed of nobody: what is in front of this server could not be told from whoever writes these himself. */
const FORWARDED = [
  'forwarded',
  'x-forwarded-for',
  'x-forwarded-proto',
  'x-forwarded-host',
  'x-forwarded-port',
]

/**
 * Leaves of what a request says of its own way only what may be believed: where it comes from, from the one header that
 * the program in front of this one writes. Of several addresses in it the last was written by that program.
 * @param header its name in small letters; null where nothing stands in front
 */
export function keepCallerAddress(headers: IncomingHttpHeaders, header: string | null): void {
  const forwarded = header === null ? undefined : [headers[header]].flat().at(-1)
  for (const name of [...FORWARDED, ADDRESS_HEADER]) delete headers[name]
  const address = forwarded?.split(',').at(-1)?.trim()
  if (address) headers[ADDRESS_HEADER] = address
}
