const BYTES = 16

/** An id made where something is entered; also where the page comes from a plain address of the local network. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(BYTES))
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')
}
