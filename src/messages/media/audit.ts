import type { LedgerKind } from '../../core/media'

/** Every litre of the garden: what came, what left, what is there. */
export interface AuditPage {
  readonly years: readonly number[]
  readonly rows: readonly {
    readonly kind: LedgerKind
    /** Signed, in the order of `years`. */
    readonly byYear: readonly number[]
    readonly litres: number
  }[]
  /** In lots that are in use. */
  readonly inUseLitres: number
  /** In lots that were put away. */
  readonly putAwayLitres: number
  /** What all entries add up to, less what is there: 0. */
  readonly unaccountedLitres: number
  /** That went from lot to lot: what one loses another gains. */
  readonly betweenByYear: readonly number[]
  /** Lots whose ledger and materials differ: none. */
  readonly unbalanced: readonly {
    readonly lotId: number
    readonly name: string
    readonly byEntries: number
    readonly byMaterials: number
  }[]
  /** Newest first. */
  readonly transfers: readonly {
    readonly id: number
    /** ISO day. */
    readonly on: string
    readonly litres: number
    readonly fromLotId: number
    readonly fromName: string
    readonly toLotId: number
    readonly toName: string
    readonly despite: string | null
  }[]
}
