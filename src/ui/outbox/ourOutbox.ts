import type { Outbox } from './outbox'

const AGAIN_MS = 1_000

let made: Promise<Outbox> | null = null

/** The outbox of this browser; its script comes once the page stands, and is asked for until it has come. */
export function ourOutbox(): Promise<Outbox> {
  made ??= make()
  return made
}

async function make(): Promise<Outbox> {
  for (;;) {
    try {
      const { makeOutbox } = await import('./makeOutbox')
      return await makeOutbox()
    } catch {
      await new Promise((again) => setTimeout(again, AGAIN_MS))
    }
  }
}
