import { KEPT_AT, KEPT_PAGES } from './keptPages'

/** Asks for pages to be kept on this device, where the browser lends that (https, or this machine). */
export async function keepPages(): Promise<void> {
  if (!('serviceWorker' in navigator)) return
  try {
    await navigator.serviceWorker.register('/sw.js')
    const { active } = await navigator.serviceWorker.ready
    if (navigator.onLine) active?.postMessage('keep')
  } catch {
    // Forbidden, or no room: everything works as without.
  }
}

/** Whoever signs out leaves no pages behind. */
export async function forgetPages(): Promise<void> {
  if (!('caches' in window)) return
  await caches.delete(KEPT_PAGES).catch(() => false)
}

/** When this page was made, where it was read from this device; null for one that came from Innings just now. */
export function keptAt(): Date | null {
  const at = document.querySelector(`meta[name="${KEPT_AT}"]`)?.getAttribute('content')
  const time = at ? new Date(at) : null
  return time && !Number.isNaN(time.getTime()) ? time : null
}
