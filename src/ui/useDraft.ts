import { useEffect, useRef } from 'react'
import type { DefaultValues, FieldValues, UseFormReturn } from 'react-hook-form'

/**
 * Keeps what was typed into a form as it is typed, in this browser, until it is saved or thrown away.
 * @param key one a form and thing, such as "turnover/3"
 * @returns a function that throws the draft away
 */
export function useDraft<Values extends FieldValues>(
  key: string,
  form: UseFormReturn<Values>,
  defaults: DefaultValues<Values>,
): () => void {
  const name = `draft/${key}`
  const thrownAway = useRef(false)
  const restored = useRef(false)

  useEffect(() => {
    // Read after mount: the server that rendered the page does not know this browser's drafts.
    if (!restored.current) {
      restored.current = true
      const kept = readDraft<Values>(name)
      if (kept)
        form.reset({ ...defaults, ...kept } as DefaultValues<Values>, { keepDefaultValues: true })
    }
    const { unsubscribe } = form.watch((values) => {
      if (!thrownAway.current) writeDraft(name, values)
    })
    return unsubscribe
  }, [form, name, defaults])

  return () => {
    thrownAway.current = true
    localStorage.removeItem(name)
  }
}

function readDraft<Values>(name: string): Partial<Values> | null {
  try {
    return JSON.parse(localStorage.getItem(name) ?? 'null') as Partial<Values> | null
  } catch {
    return null
  }
}

function writeDraft(name: string, values: unknown): void {
  try {
    localStorage.setItem(name, JSON.stringify(values))
  } catch {
    // A full or forbidden store must not stop anyone from working on.
  }
}
