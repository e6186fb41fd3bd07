import {
  boolean,
  date,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  unique,
} from 'drizzle-orm/pg-core'
import type { LedgerComponent, LedgerDose, LedgerKind, RestingState } from '../../core/media'
import type { Prediction } from '../../core/recondition'
import { instant, version } from '../columns'
import { containers } from '../containers/tables'
import { crops } from '../season/tables'

export type LotOrigin = 'bag' | 'own recipe' | 'reconditioned' | 'unknown'

/** An identifiable amount of media. What it holds is the sum of its ledger, never a field of its own. */
export const lots = pgTable('lots', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  name: text('name').notNull(),
  origin: text('origin').$type<LotOrigin>().notNull(),
  /** Where it waits when it stands in no container. */
  storeBin: text('store_bin'),
  createdAt: instant('created_at').notNull(),
  /** When something was last filled or mixed in, by its ledger. */
  mixedAt: instant('mixed_at'),
  putAwayAt: instant('put_away_at'),
  version: version(),
})

export const lotPlaces = pgTable(
  'lot_places',
  {
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    containerId: integer('container_id')
      .notNull()
      .references(() => containers.id),
  },
  (table) => [
    primaryKey({ columns: [table.lotId, table.containerId] }),
    unique('one_lot_per_container').on(table.containerId),
  ],
)

/** Only ever appended to: a mistake is corrected by an entry that reverses it. */
export const ledgerEntries = pgTable(
  'ledger_entries',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    at: instant('at').notNull(),
    kind: text('kind').$type<LedgerKind>().notNull(),
    /** What came in (positive) or went out (negative), L. */
    litres: doublePrecision('litres').notNull(),
    components: jsonb('components').$type<readonly LedgerComponent[]>().notNull(),
    doses: jsonb('doses').$type<readonly LedgerDose[]>().notNull(),
    note: text('note'),
    workOrderId: integer('work_order_id'),
    /** The lot on the other side of a split or merge. */
    otherLotId: integer('other_lot_id').references(() => lots.id),
    reversesId: integer('reverses_id').unique('reversed_once'),
  },
  (table) => [index('ledger_by_lot').on(table.lotId, table.at)],
)

/**
 * Litres by material of each lot: the sum of its ledger, written in the transaction that writes a line, so that lists
 * need not add ledgers up.
 */
export const lotContents = pgTable(
  'lot_contents',
  {
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    materialId: text('material_id').notNull(),
    litres: doublePrecision('litres').notNull(),
  },
  (table) => [primaryKey({ columns: [table.lotId, table.materialId] })],
)

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
  airFraction: doublePrecision('air_fraction'),
  ph: doublePrecision('ph'),
})

export const innings = pgTable(
  'innings',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    number: integer('number').notNull(),
    cropId: text('crop_id').references(() => crops.id),
    startedOn: date('started_on').notNull(),
    endedOn: date('ended_on'),
    outcome: text('outcome').$type<'well' | 'fair' | 'poor'>(),
    predicted: jsonb('predicted').$type<Prediction>(),
    workOrderId: integer('work_order_id'),
    version: version(),
  },
  (table) => [unique('innings_in_order').on(table.lotId, table.number)],
)

export type MeasuredQuantity = 'ph' | 'ecSme' | 'airFraction' | 'buffer'

/** A reading as it was read off, before it was converted. */
export interface ReadAs {
  readonly value: number
  readonly unit: 'pH' | 'dS/m' | 'g/L'
  readonly tempC?: number
}

export const measurements = pgTable(
  'measurements',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    at: instant('at').notNull(),
    quantity: text('quantity').$type<MeasuredQuantity>().notNull(),
    value: doublePrecision('value').notNull(),
    method: text('method').notNull(),
    readAs: jsonb('read_as').$type<ReadAs>(),
  },
  (table) => [index('measurements_by_lot').on(table.lotId, table.at)],
)
