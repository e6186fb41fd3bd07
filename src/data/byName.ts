// One collator is kept: making one for each comparison costs more than the comparison.
const names = new Intl.Collator('en', { numeric: true })

/** The order in which names and codes are listed: P9 stands before P10. */
export function byName(a: string, b: string): number {
  return names.compare(a, b)
}
