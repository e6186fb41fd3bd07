type Fields = Readonly<Record<string, unknown>>

/** What an older program kept under a name that means something else now is left out. */
export function readDraft<Values extends Fields>(
  name: string,
  begin: Values,
): Partial<Values> | null {
  try {
    const kept = JSON.parse(localStorage.getItem(name) ?? 'null') as Fields | null
    if (typeof kept !== 'object' || kept === null) return null
    const known = Object.entries(kept).filter(([field]) => field in begin)
    return Object.fromEntries(
      known
        .map(([field, value]) => [field, listed(value, begin[field])] as const)
        .filter(([field, value]) => fits(value, begin[field])),
    ) as Partial<Values>
  } catch {
    return null
  }
}

/** A lone box that can be ticked stands at what it is called, or at false: several stand at a list. */
function listed(value: unknown, begin: unknown): unknown {
  if (!Array.isArray(begin) || Array.isArray(value)) return value
  return typeof value === 'string' ? [value] : value === false ? [] : value
}

function fits(value: unknown, begin: unknown): boolean {
  if (begin === null || value === null || begin === undefined) return true
  return typeof value === typeof begin && Array.isArray(value) === Array.isArray(begin)
}

/** Keeps what was changed; nothing is left where nothing was. */
export function writeDraft(name: string, values: Fields, begin: Fields): void {
  const changed = Object.entries(values).filter(([field, value]) => !isSame(value, begin[field]))
  try {
    if (changed.length === 0) localStorage.removeItem(name)
    else localStorage.setItem(name, JSON.stringify(Object.fromEntries(changed)))
  } catch {
    // A full or forbidden store must not stop anyone from working on.
  }
}

function isSame(value: unknown, begin: unknown): boolean {
  return value === begin || JSON.stringify(value) === JSON.stringify(begin)
}
