import type { MissedCopy } from '../../messages/site/site'

// The process around the pages, which takes the copies, and the pages, which tell of them, are bundled apart.
const shared = globalThis as { inningsMissedCopy?: MissedCopy | null }

/** The last day whose copy could not be taken; null since one was. */
export function missedCopy(): MissedCopy | null {
  return shared.inningsMissedCopy ?? null
}

export function tellMissedCopy(missed: MissedCopy | null): void {
  shared.inningsMissedCopy = missed
}
