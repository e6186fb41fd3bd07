import type { News, Outbox, Told } from './outbox'
import { toldSince } from './toldHere'

const AGAIN_MS = 1_000
const CHANNEL = 'innings-outbox'
const MOST_EARLY = 200

let made: Promise<Outbox> | null = null
const heard: News[] = []
const ears = new Set<(news: News) => void>()

/** The outbox of this browser; its script comes once the page stands, and is asked for until it has come. */
export function ourOutbox(): Promise<Outbox> {
  made ??= make()
  return made
}

/**
 * Hears what other pages of this browser, or the one before in this tab, told before this one's outbox was there: since the server was asked for the page,
 * for what it showed may have been changed from then on.
 */
export function hearOld(ear: (news: News) => void): () => void {
  ears.add(ear)
  for (const news of heard) ear(news)
  return () => ears.delete(ear)
}

async function make(): Promise<Outbox> {
  // Before the script has come: what another page tells meanwhile would be missed.
  const channel = 'BroadcastChannel' in window ? new BroadcastChannel(CHANNEL) : null
  let isOpen = false
  const hear = (news: News) => {
    if (heard.length < MOST_EARLY) heard.push(news)
    for (const ear of ears) ear(news)
  }
  for (const news of toldSince(performance.timeOrigin)) hear(news)
  channel?.addEventListener('message', ({ data }: MessageEvent<Told>) => {
    if (data.kind === 'asks' || (isOpen && data.kind !== 'again')) return
    hear(data.kind === 'again' ? data.news : data)
  })
  channel?.postMessage({ kind: 'asks', sinceMs: performance.timeOrigin } satisfies Told)
  for (;;) {
    try {
      const { makeOutbox } = await import('./makeOutbox')
      const outbox = await makeOutbox(channel)
      isOpen = true
      return outbox
    } catch {
      await new Promise((again) => setTimeout(again, AGAIN_MS))
    }
  }
}
