/** A title as the name of a file or a package may be written: small letters, digits, hyphens. */
export function fileName(title: string, otherwise: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
  return plain || otherwise
}
