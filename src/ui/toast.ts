import type { Request } from './request'

export interface Toast {
  readonly text: string
  /** Takes back what was just done. */
  readonly undo?: Request
}

const KEPT = 'toast'
let present: Toast | null = null
const listeners = new Set<() => void>()

/** Says what was just done, with a way to undo it, until it is closed or the next thing is done. */
export function showToast(toast: Toast | null): void {
  present = toast
  for (const listener of listeners) listener()
}

/** Says it on the page that comes next. */
export function showToastOnNextPage(toast: Toast): void {
  try {
    sessionStorage.setItem(KEPT, JSON.stringify(toast))
  } catch {
    // A full or forbidden store: the page that comes next shows it by what stands there.
  }
}

/** Takes up what the page before wanted said. */
export function takeUpToast(): void {
  try {
    const kept = sessionStorage.getItem(KEPT)
    sessionStorage.removeItem(KEPT)
    if (kept) showToast(JSON.parse(kept) as Toast)
  } catch {
    // Nothing to take up.
  }
}

export function subscribeToToast(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

export function presentToast(): Toast | null {
  return present
}
