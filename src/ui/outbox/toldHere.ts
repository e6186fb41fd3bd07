import type { News } from './outbox'

const PLACE = 'told'
/** Of the moments between a reload and its page. */
const MOST = 20

interface Told {
  readonly atMs: number
  readonly news: News
}

/**
 * Keeps what was answered for the next page of this tab: after a reload that one may have been asked for before the
 * answer had come, and the page that heard it is gone.
 */
export function keepTold(atMs: number, news: News): void {
  try {
    sessionStorage.setItem(PLACE, JSON.stringify([...read(), { atMs, news }].slice(-MOST)))
  } catch {
    // Nothing may be kept here: the page shows what it was sent.
  }
}

/** What this tab was answered since a moment. */
export function toldSince(atMs: number): News[] {
  return read().flatMap((told) => (told.atMs >= atMs ? [told.news] : []))
}

function read(): readonly Told[] {
  try {
    return JSON.parse(sessionStorage.getItem(PLACE) ?? '[]') as Told[]
  } catch {
    return []
  }
}
