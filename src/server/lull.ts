import type { ServerResponse } from 'node:http'
import { setTimeout } from 'node:timers/promises'

/** After an answer the next question often comes at once: a page asks for its scripts. */
const QUIET_MS = 150
const AT_MOST_MS = 600
const LOOK_EVERY_MS = 25

let beingAnswered = 0
let lastDone = Number.NEGATIVE_INFINITY

/** Counts a request until it is answered, or given up. */
export function countUntilAnswered(response: Pick<ServerResponse, 'once'>): void {
  beingAnswered++
  response.once('close', () => {
    beingAnswered--
    lastDone = performance.now()
  })
}

/**
 * For work that nobody waits for: comes back when nobody is being answered, and sooner or later in any case, so that the
 * work is done in a garden that is never quiet, too.
 */
export async function lull(): Promise<void> {
  const from = performance.now()
  do await setTimeout(LOOK_EVERY_MS)
  while (!isQuiet() && performance.now() - from < AT_MOST_MS)
}

function isQuiet(): boolean {
  return beingAnswered === 0 && performance.now() - lastDone >= QUIET_MS
}
