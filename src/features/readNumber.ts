/** A typed number, with a decimal comma too; null where it is none, so that the server names its field. */
export function readNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.')
  return plain !== '' && Number.isFinite(Number(plain)) ? Number(plain) : null
}

/** The same for a field that may stay empty: what is no number goes as it was typed, so that it is refused, not dropped. */
export function numberOrTyped(text: string): number | string | null {
  return text.trim() === '' ? null : (readNumber(text) ?? text)
}
