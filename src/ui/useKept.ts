import { useCallback, useEffect, useRef, useState } from 'react'

type Fields = Readonly<Record<string, unknown>>

export interface Kept<Values> {
  readonly values: Values
  readonly change: (more: Partial<Values>) => void
  /** Once it was taken: the next time the form begins anew. */
  readonly throwAway: () => void
}

/**
 * What is typed into a small form, kept in this browser as it is typed until it is taken. Only what was changed is kept:
 * a day that began as today is today again tomorrow.
 * @param key one a form and thing, such as "plant/3"
 */
export function useKept<Values extends Fields>(key: string, begin: Values): Kept<Values> {
  const name = `draft/${key}`
  const [changed, setChanged] = useState<Partial<Values>>({})
  const newest = useRef<Partial<Values>>({})
  const first = useRef(begin)
  const keep = useCallback((next: Partial<Values>) => {
    newest.current = next
    setChanged(next)
  }, [])
  // The server that rendered the page does not know what this browser kept.
  useEffect(() => keep(read(name, first.current)), [name, keep])
  const change = useCallback(
    (more: Partial<Values>) => {
      keep({ ...newest.current, ...more })
      try {
        localStorage.setItem(name, JSON.stringify(newest.current))
      } catch {
        // A full or forbidden store must not stop anyone from working on.
      }
    },
    [name, keep],
  )
  const throwAway = useCallback(() => localStorage.removeItem(name), [name])
  return { values: { ...begin, ...changed }, change, throwAway }
}

/** What an older program kept under a name that means something else now is left out. */
function read<Values extends Fields>(name: string, begin: Values): Partial<Values> {
  try {
    const kept = JSON.parse(localStorage.getItem(name) ?? 'null') as Fields | null
    if (typeof kept !== 'object' || kept === null) return {}
    return Object.fromEntries(
      Object.entries(kept).filter(([field, value]) => field in begin && fits(value, begin[field])),
    ) as Partial<Values>
  } catch {
    return {}
  }
}

function fits(value: unknown, begin: unknown): boolean {
  if (begin === null || value === null) return true
  return typeof value === typeof begin && Array.isArray(value) === Array.isArray(begin)
}
