import { useCallback, useEffect, useRef } from 'react'
import type { FieldValues, UseFormReturn } from 'react-hook-form'
import { readDraft, writeDraft } from './draft'

/**
 * Keeps what is typed into a form in this browser, as it is typed, until it is taken or thrown away. Only what was
 * changed is kept: a day that began as today is today again tomorrow.
 * @param key one a form and thing, such as "plant/3"; null keeps nothing
 * @param begin what the form begins with when nothing was typed
 * @returns a function that throws the draft away
 */
export function useDraft<Values extends FieldValues>(
  key: string | null,
  form: UseFormReturn<Values>,
  begin: Values,
): () => void {
  const name = `draft/${key}`
  const first = useRef(begin)
  const restored = useRef(false)
  const isKept = key !== null

  useEffect(() => {
    if (!isKept) return
    // Read after mount: the server that rendered the page does not know this browser's drafts.
    if (!restored.current) {
      restored.current = true
      const kept = readDraft(name, first.current)
      if (kept) form.reset({ ...first.current, ...kept }, { keepDefaultValues: true })
    }
    const { unsubscribe } = form.watch((values) => writeDraft(name, values, first.current))
    return unsubscribe
  }, [form, name, isKept])

  return useCallback(() => {
    // What stands there now is what was taken: only what is changed after it is typed anew.
    first.current = form.getValues()
    localStorage.removeItem(name)
  }, [form, name])
}
