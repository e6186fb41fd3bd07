import type { News, Outbox } from './outbox'

const AGAIN_MS = 1_000
const CHANNEL = 'innings-outbox'
const MOST_EARLY = 200

let made: Promise<Outbox> | null = null
const heard: News[] = []

/** The outbox of this browser; its script comes once the page stands, and is asked for until it has come. */
export function ourOutbox(): Promise<Outbox> {
  made ??= make()
  return made
}

/** What other pages of this browser told since this one asked for its outbox: it may have come before that was there. */
export function heardSoFar(): readonly News[] {
  return heard
}

async function make(): Promise<Outbox> {
  // Before the script has come: what another page tells meanwhile would be missed.
  const channel = 'BroadcastChannel' in window ? new BroadcastChannel(CHANNEL) : null
  channel?.addEventListener('message', ({ data }: MessageEvent<News>) => {
    if (heard.length < MOST_EARLY) heard.push(data)
  })
  for (;;) {
    try {
      const { makeOutbox } = await import('./makeOutbox')
      return await makeOutbox(channel)
    } catch {
      await new Promise((again) => setTimeout(again, AGAIN_MS))
    }
  }
}
