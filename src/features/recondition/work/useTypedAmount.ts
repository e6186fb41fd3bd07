import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import type { Dimension } from '../../../core/units'
import { readQuantity } from '../../../ui/readQuantity'
import { useSite } from '../../../ui/SiteContext'

/**
 * An amount as it is typed beside the one that is kept. What is kept shows in the field, but never
 * over what was typed since: the answer to the last entry comes while the next is being typed.
 */
export function useTypedAmount(
  kept: string,
  dimension: Dimension,
  onSend: (value: number | null) => void,
) {
  const { site } = useSite()
  const [typed, setTyped] = useState(kept)
  /**
   * Typed and not yet sent, over what was kept, or over an entry on its way. Nothing once it is sent: a refused amount
   * must not be sent again when the field loses the focus to the refusal.
   */
  const begun = useRef<{ readonly over: string | null } | null>(null)
  const field = useRef<HTMLInputElement>(null)
  const wasMarked = useRef(false)
  useEffect(() => {
    if (begun.current !== null) return
    wasMarked.current = isMarked(field.current)
    setTyped(kept)
  }, [kept])
  // Who has marked the amount to type another one over it would else type it behind what the answer wrote.
  useLayoutEffect(() => {
    if (wasMarked.current && typed === kept) field.current?.select()
    wasMarked.current = false
  }, [typed, kept])

  return {
    /** Of the field it stands in. */
    field,
    typed,
    type: (text: string) => {
      begun.current ??= { over: typed === kept ? kept : null }
      setTyped(text)
    },
    send: () => {
      const text = typed.trim()
      const { value, problem } = readQuantity(text, dimension, site.measures)
      if (problem || begun.current === null) return
      const { over } = begun.current
      begun.current = null
      if (text === over) setTyped(kept)
      else onSend(value)
    },
  }
}

/** Whether all that stands in a field is marked, to be typed over. */
function isMarked(field: HTMLInputElement | null): boolean {
  if (field === null || field !== document.activeElement || field.value === '') return false
  return field.selectionStart === 0 && field.selectionEnd === field.value.length
}
