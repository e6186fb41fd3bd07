import { useEffect } from 'react'
import type { KeySettings } from './keySettings'
import { walkRows } from './walkRows'

/** Whether someone is typing there: single keys then are letters, not commands. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false
  if (target.isContentEditable) return true
  if (target instanceof HTMLInputElement) {
    return !['button', 'checkbox', 'radio', 'submit', 'file', 'range'].includes(target.type)
  }
  return target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement
}

/** The keys that work on every page. Digits press the large keys of a clock, if one is there. */
export function useKeys(
  { on, find }: KeySettings,
  act: { readonly find: () => void; readonly help: () => void },
): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.altKey || event.metaKey) return
      if (event.key === 'F1') {
        event.preventDefault()
        act.help()
        return
      }
      if (walkRows(event)) {
        event.preventDefault()
        return
      }
      if (!on || event.repeat || isTyping(event.target)) return
      if (document.querySelector('dialog[open]')) return
      if (event.key === find) {
        event.preventDefault()
        act.find()
        return
      }
      const key = document.querySelector<HTMLButtonElement>(
        `[data-clock-key="${CSS.escape(event.key)}"]:not(:disabled)`,
      )
      if (key && /^[1-3]$/.test(event.key)) {
        event.preventDefault()
        key.click()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [on, find, act])
}
