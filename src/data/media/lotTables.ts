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
import type { Finding, FindingKind } from '../../core/bench'
import type { LedgerComponent, LedgerDose, LedgerKind } from '../../core/media'
import type { Heritage, MixState, Prediction, TreatmentKind } from '../../core/recondition'
import { instant, version } from '../columns'
import { containers } from '../containers/tables'
import { crops, problems } from '../season/tables'

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
  /** How its mix was worked out when it was last mixed; null where it never was, and after that its composition tells. */
  carried: jsonb('carried').$type<MixState>(),
  /** Seasons it had served already when it was written down; null where nobody said. */
  yearsTold: doublePrecision('years_told'),
  /** What it went through before it was last united with another lot; null where it never was. */
  heritage: jsonb('heritage').$type<Heritage>(),
  putAwayAt: instant('put_away_at'),
  version: version(),
})

/** When a lot was last mixed, and what its mix was worked out to be. */
export interface MixedBefore {
  /** ISO instant. */
  readonly mixedAt: string | null
  readonly carried: MixState | null
}

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

/** Litres that went from one lot to another: an entry at each end, reversed at both or not at all. */
export const lotTransfers = pgTable(
  'lot_transfers',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    fromLotId: integer('from_lot_id')
      .notNull()
      .references(() => lots.id),
    toLotId: integer('to_lot_id')
      .notNull()
      .references(() => lots.id),
    at: instant('at').notNull(),
    litres: doublePrecision('litres').notNull(),
    /** Why they were put together although something found speaks against it. */
    despite: text('despite'),
    undo: jsonb('undo').$type<TransferUndo>().notNull(),
    undoneAt: instant('undone_at'),
  },
  (table) => [index('transfers_from').on(table.fromLotId), index('transfers_to').on(table.toLotId)],
)

/** What stood before, so that reversing gives it back. */
export interface TransferUndo {
  /** The other lot was made of it. */
  readonly isNew: boolean
  readonly heritage: Heritage | null
  /** Findings that came along, or took the place of what tests of the mix before told. */
  readonly findingIds: readonly number[]
  /** Where the lot stood that was used up. */
  readonly containerIds: readonly number[]
  readonly storeBin: string | null
  /** Its containers were some of those of the lot it was parted from. */
  readonly parted?: boolean
}

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
    /** Both ends of what went from one lot to another have it. */
    transferId: integer('transfer_id').references(() => lotTransfers.id),
    /** Of what came in with it, in the money of the site; null where a price was not known. */
    cost: doublePrecision('cost'),
    /** How the lot stood before its mix was changed by it, so that reversing gives it back. */
    before: jsonb('before').$type<MixedBefore>(),
  },
  (table) => [
    index('ledger_by_lot').on(table.lotId, table.at),
    index('ledger_by_transfer').on(table.transferId),
  ],
)

/**
 * Lots in whose ledger what had been taken back was booked once more, by a fault of earlier versions, and what was done
 * about it at an update: told to the manager until seen.
 */
export const mendedLots = pgTable('mended_lots', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  lotId: integer('lot_id')
    .notNull()
    .references(() => lots.id),
  at: instant('at').notNull(),
  /** That the ledger said were there and never came; below 0 where they were there and it had lost them. */
  litres: doublePrecision('litres').notNull(),
  /** false: it was counted since, so that its litres stand as they are. */
  isTakenOut: boolean('is_taken_out').notNull(),
  seenAt: instant('seen_at'),
})

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
    /** From when it could be planted; null where it was not worked out. */
    readyOn: date('ready_on'),
    /** When the crop went in; null while it has not. */
    plantedOn: date('planted_on'),
    /** That served in it, L; 0 for what was kept of another lot's innings. null: as many as the lot has now. */
    litres: doublePrecision('litres'),
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
    /** The test of the bench it was read in; counts as long as that is not set aside. */
    testId: integer('test_id'),
  },
  (table) => [index('measurements_by_lot').on(table.lotId, table.at)],
)

/** What was done against what was found in a lot, and what was decided of it; taken back, it stays written down. */
export const lotTreatments = pgTable(
  'lot_treatments',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    at: instant('at').notNull(),
    kind: text('kind').$type<TreatmentKind>().notNull(),
    /** ISO day from which on a quarantined lot may be used again. */
    until: text('until'),
    /** When a rest, a quarantine or a decision was ended before its time. */
    endedAt: instant('ended_at'),
    skimCm: doublePrecision('skim_cm'),
    note: text('note'),
    /** What was known to be in it when it was decided to use it all the same. */
    problemIds: jsonb('problem_ids').$type<readonly string[]>().notNull().default([]),
    /** When it was taken back as never done. */
    takenBackAt: instant('taken_back_at'),
  },
  (table) => [index('treatments_by_lot').on(table.lotId, table.at)],
)

/**
 * What people saw in a lot, and what was found in it before it was mixed or parted. Tests of the bench tell theirs by
 * themselves, as long as nothing is mixed in.
 */
export const lotFindings = pgTable(
  'lot_findings',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    at: instant('at').notNull(),
    kind: text('kind').$type<FindingKind | 'problem'>().notNull(),
    state: text('state').$type<Finding['state']>().notNull(),
    problemId: text('problem_id').references(() => problems.id),
    numbers: jsonb('numbers').$type<Finding['numbers']>().notNull(),
    word: text('word'),
    families: jsonb('families').$type<readonly string[]>().notNull(),
    /** Year in which it was seen. */
    season: integer('season').notNull(),
    /** Of the crop that stood in it. */
    rotationGroup: text('rotation_group'),
    source: text('source').$type<'seen' | 'test'>().notNull(),
    /** The test that found it, where one did. */
    testId: integer('test_id'),
    note: text('note'),
    /** When it was taken back, or dealt with. */
    endedAt: instant('ended_at'),
  },
  (table) => [index('findings_by_lot').on(table.lotId, table.at)],
)
