import Joi from 'joi'
import type { LedgerKind } from '../../core/media'
import { id } from '../rules'

/** A lot in whose ledger litres stood that never came, and what an update did about it. */
export interface MendView {
  readonly id: number
  readonly lotId: number
  readonly name: string
  /** Below 0: they were there, and the ledger had lost them. */
  readonly litres: number
  /** false: the lot was counted since, so that its litres stand as they are. */
  readonly isTakenOut: boolean
}

/** Mends that were seen, and need not be told again. */
export interface SeenMends {
  readonly ids: readonly number[]
}

export const seenMendsSchema = Joi.object<SeenMends>({
  ids: Joi.array().items(id('The mend')).min(1).max(1000).unique().required().label('The mends'),
})

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
