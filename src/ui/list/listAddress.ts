type Asked = Readonly<Record<string, string | number | undefined>>

/** An address that asks a list for something: what is not said, and the first page of it, are left out. */
export function listAddress(path: string, asked: Asked): string {
  const query = new URLSearchParams()
  for (const [name, value] of Object.entries(asked)) {
    if (value === undefined || value === '' || value === 1) continue
    query.set(name, String(value))
  }
  const text = query.toString()
  return text ? `${path}?${text}` : path
}
