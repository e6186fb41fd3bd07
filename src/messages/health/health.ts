import type { MissedCopy } from '../site/site'

export interface Health {
  readonly status: 'ok'
  /** When the newest proved copy was taken; null without one. */
  readonly newestCopy: string | null
  /** The day whose copy could not be taken since, and what was free; null where none was missed. */
  readonly missedCopy: MissedCopy | null
}
