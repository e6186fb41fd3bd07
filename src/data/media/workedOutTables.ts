import { boolean, doublePrecision, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core'
import type { RestingState } from '../../core/media'
import { lots } from './lotTables'

/**
 * What was worked out of each lot when it was last changed, so that lists are sorted and narrowed without working any
 * lot out. Only ever written from the lot itself.
 */
export const lotSummaries = pgTable('lot_summaries', {
  lotId: integer('lot_id')
    .primaryKey()
    .references(() => lots.id),
  /** Of the lot it was worked out from. */
  lotVersion: integer('lot_version').notNull(),
  state: text('state').$type<RestingState>().notNull(),
  isInPots: boolean('is_in_pots').notNull(),
  litres: doublePrecision('litres').notNull(),
  inningsCount: integer('innings_count').notNull(),
  /** Litres that served, added up over its innings. */
  litreInnings: doublePrecision('litre_innings').notNull().default(0),
  airFraction: doublePrecision('air_fraction'),
  ph: doublePrecision('ph'),
})

/** What was found in other lots and came here with litres, or may have come from here: worked out from all ledgers. */
export interface ReachedBy {
  readonly findingId: number
  readonly problemId: string
  /** Of the lot, 0 to 1; 0 where it is only to be looked for. */
  readonly share: number
  readonly fromLotId: number
  readonly fromName: string
  readonly viaLotIds: readonly number[]
  /** ISO day. */
  readonly on: string
  readonly certainty: 'carried' | 'look'
  /** Year in which it was seen. */
  readonly season: number
  readonly rotationGroup: string | null
  readonly families: readonly string[]
}

/** By lot; written in the transaction that changed what it hangs on. */
export const lotsReached = pgTable('lots_reached', {
  lotId: integer('lot_id')
    .primaryKey()
    .references(() => lots.id, { onDelete: 'cascade' }),
  found: jsonb('found').$type<readonly ReachedBy[]>().notNull(),
})

/** What all of it was worked out from, in one row. */
export const reachedState = pgTable('reached_state', {
  id: integer('id').primaryKey(),
  stamp: text('stamp').notNull(),
})
