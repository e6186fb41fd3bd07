/** What an address asks for; a name that stands in it more than once becomes a list with commas. Empty ones count as left out. */
export function queryOf(url: URL): Record<string, string> {
  const query: Record<string, string> = {}
  for (const name of new Set(url.searchParams.keys())) {
    const value = url.searchParams.getAll(name).filter(Boolean).join(',')
    if (value) query[name] = value
  }
  return query
}
