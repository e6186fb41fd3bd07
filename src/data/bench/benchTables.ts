import { sql } from 'drizzle-orm'
import { boolean, doublePrecision, index, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core'
import type {
  BenchExpected,
  BenchOutcome,
  BufferReading,
  CalibrationDoubt,
  Hydraulics,
  Observation,
  TestKind,
  TestKit,
  TestWater,
} from '../../core/bench'
import { instant, version } from '../columns'
import { lots } from '../media/lotTables'
import { materials } from '../media/materialTables'
import { mixes } from '../mixes/mixTables'

export const testKits = pgTable('test_kits', {
  id: integer('id').primaryKey(),
  kit: jsonb('kit').$type<TestKit>().notNull(),
  version: version(),
})

export const pens = pgTable('pens', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  name: text('name').notNull(),
  /** Whether it shows salts as at 25 °C, by the last reading with it; null until one told. */
  compensates: boolean('compensates'),
  createdAt: instant('created_at').notNull(),
  putAwayAt: instant('put_away_at'),
})

/** The log of a pen; never edited. */
export const penCalibrations = pgTable(
  'pen_calibrations',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    penId: integer('pen_id')
      .notNull()
      .references(() => pens.id),
    at: instant('at').notNull(),
    tempC: doublePrecision('temp_c').notNull(),
    buffers: jsonb('buffers').$type<readonly BufferReading[]>().notNull(),
  },
  (table) => [index('calibrations_by_pen').on(table.penId, table.at)],
)

/** A test on a sample. What was observed is kept as it was entered, for ever. */
export const benchTests = pgTable(
  'bench_tests',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    kind: text('kind').$type<TestKind>().notNull(),
    /** The first run of the repeats it belongs to; its own for that one. */
    setId: integer('set_id'),
    /** Run on another sample beside them, to be compared with. */
    isReference: boolean('is_reference').notNull().default(false),
    lotId: integer('lot_id').references(() => lots.id),
    mixId: integer('mix_id').references(() => mixes.id),
    materialId: text('material_id').references(() => materials.id),
    /** Which innings the lot was in. */
    innings: integer('innings'),
    startedAt: instant('started_at').notNull(),
    endedAt: instant('ended_at'),
    thrownAwayAt: instant('thrown_away_at'),
    /** Why a finished test does not count any more. */
    setAsideFor: text('set_aside_for'),
    /** The test whose answers this one puts right; that one is set aside and kept. */
    correctsId: integer('corrects_id'),
    place: text('place').notNull().default(''),
    judge: text('judge').notNull().default(''),
    note: text('note').notNull().default(''),
    kit: jsonb('kit').$type<TestKit>().notNull(),
    /** null for tests without water. */
    water: jsonb('water').$type<TestWater>(),
    expected: jsonb('expected').$type<BenchExpected>(),
    /** What was typed so far, as typed: tests that take weeks are filled in on more than one device. */
    draft: jsonb('draft').$type<Readonly<Record<string, string | readonly string[]>>>(),
    observation: jsonb('observation').$type<Observation>(),
    outcome: jsonb('outcome').$type<BenchOutcome>(),
    version: version(),
  },
  (table) => [
    index('tests_by_lot').on(table.lotId, table.startedAt),
    index('tests_by_set').on(table.setId),
    index('tests_by_mix').on(table.mixId),
    index('tests_by_material').on(table.materialId),
    index('tests_by_start').on(table.startedAt),
    // Few, and asked for with every reading of what tests found.
    index('tests_thrown_away').on(table.id).where(sql`${table.thrownAwayAt} is not null`),
  ],
)

/**
 * Moments of a test's clock. The id is made where the key was tapped, so that a tap that is sent twice is kept once; a
 * correction keeps the moment that was tapped.
 */
export const benchMoments = pgTable(
  'bench_moments',
  {
    id: text('id').primaryKey(),
    testId: integer('test_id')
      .notNull()
      .references(() => benchTests.id),
    key: text('key').notNull(),
    at: instant('at').notNull(),
    tappedAt: instant('tapped_at').notNull(),
    /** Such as the temperature read at that moment. */
    value: doublePrecision('value'),
    undoneAt: instant('undone_at'),
  },
  (table) => [index('moments_by_test').on(table.testId, table.at)],
)

/** What tests made of a sample's curve and conductivity; what was expected stays beside it. */
export const sampleCalibrations = pgTable(
  'sample_calibrations',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer('lot_id').references(() => lots.id),
    mixId: integer('mix_id').references(() => mixes.id),
    materialId: text('material_id').references(() => materials.id),
    at: instant('at').notNull(),
    testIds: jsonb('test_ids').$type<readonly number[]>().notNull(),
    from: jsonb('from').$type<readonly ('porosity' | 'drain')[]>().notNull(),
    prior: jsonb('prior').$type<Hydraulics>().notNull(),
    measured: jsonb('measured').$type<Hydraulics>().notNull(),
    doubts: jsonb('doubts').$type<readonly CalibrationDoubt[]>().notNull(),
  },
  (table) => [
    index('sample_calibrations_by_lot').on(table.lotId, table.at),
    index('sample_calibrations_by_mix').on(table.mixId),
    index('sample_calibrations_by_material').on(table.materialId),
  ],
)
