import type { LostRowsView } from '../../messages/site/site'

// The process around the pages, which counts, and the pages, which tell of it, are bundled apart.
const shared = globalThis as { inningsLostRows?: LostRowsView | null }

/** Rows that the newest copy holds and the garden does not; null where none are missed. */
export function lostRows(): LostRowsView | null {
  return shared.inningsLostRows ?? null
}

export function tellLostRows(lost: LostRowsView | null): void {
  shared.inningsLostRows = lost
}
