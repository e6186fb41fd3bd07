import { useCallback, useEffect, useRef, useState } from 'react'
import { readDraft, writeDraft } from './draft'

type Fields = Readonly<Record<string, unknown>>

export interface Kept<Values> {
  readonly values: Values
  readonly change: (more: Partial<Values>) => void
  /** Once it was taken: the next time the form begins anew. */
  readonly throwAway: () => void
}

/**
 * What is chosen on a page that sends no form, kept in this browser until it is thrown away. Only what was changed is
 * kept.
 * @param key one a page and thing, such as "plan"
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
  useEffect(() => keep(readDraft(name, first.current) ?? {}), [name, keep])
  const change = useCallback(
    (more: Partial<Values>) => {
      keep({ ...newest.current, ...more })
      writeDraft(name, newest.current, {})
    },
    [name, keep],
  )
  const throwAway = useCallback(() => localStorage.removeItem(name), [name])
  return { values: { ...begin, ...changed }, change, throwAway }
}
