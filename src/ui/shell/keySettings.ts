import { useSyncExternalStore } from 'react'

/** Single-key shortcuts as this person wants them (WCAG 2.1.4: to be switched off or changed). */
export interface KeySettings {
  readonly on: boolean
  readonly find: string
}

const NAME = 'keys'
const CHANGED = 'innings:keys'
export const DEFAULT_KEYS: KeySettings = { on: true, find: '.' }

let present: KeySettings | null = null

export function readKeys(): KeySettings {
  if (present) return present
  try {
    const kept = JSON.parse(localStorage.getItem(NAME) ?? '{}') as Partial<KeySettings>
    present = {
      on: kept.on ?? DEFAULT_KEYS.on,
      find: kept.find?.length === 1 ? kept.find : DEFAULT_KEYS.find,
    }
  } catch {
    present = DEFAULT_KEYS
  }
  return present
}

export function keepKeys(settings: KeySettings): void {
  present = settings
  try {
    localStorage.setItem(NAME, JSON.stringify(settings))
  } catch {
    // Where nothing can be stored the setting lasts as long as the page.
  }
  window.dispatchEvent(new Event(CHANGED))
}

function subscribe(listener: () => void): () => void {
  window.addEventListener(CHANGED, listener)
  return () => window.removeEventListener(CHANGED, listener)
}

export function useKeySettings(): KeySettings {
  return useSyncExternalStore(subscribe, readKeys, () => DEFAULT_KEYS)
}
