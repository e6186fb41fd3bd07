/** A typed number, with a decimal comma too; null where it is none, so that the server names its field. */
export function readNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.')
  return plain !== '' && Number.isFinite(Number(plain)) ? Number(plain) : null
}
