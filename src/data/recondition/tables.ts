import { sql } from 'drizzle-orm'
import {
  boolean,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  unique,
  uniqueIndex,
} from 'drizzle-orm/pg-core'
import type {
  Intake,
  PotLook,
  Recipe,
  RootMass,
  StepAmount,
  WorkStep,
} from '../../core/recondition'
import { instant, version } from '../columns'
import { containers } from '../containers/tables'
import { lots, type MixedBefore } from '../media/lotTables'

/** The lot as it was before an order was finished on it. */
export interface FinishUndo {
  /** Of the lot right after: what followed raised it. */
  readonly lotVersion: number
  readonly leftoverVersion: number | null
  readonly mixed: MixedBefore
  readonly storeBin: string | null
  readonly containerIds: readonly number[]
  readonly leftoverLotId: number | null
  readonly inningsId: number
  readonly closedInningsId: number | null
  /** Litres of materials and grams of amendments that were taken from the store. */
  readonly taken: readonly {
    readonly id: string
    readonly unit: 'L' | 'g'
    readonly amount: number
  }[]
  readonly endedFindingIds: readonly number[]
  readonly stayingIds: readonly number[]
}

/** What was found in a pot when its season was over: how far it sank, its roots, whether water ran past. */
export const potIntakes = pgTable(
  'pot_intakes',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    containerId: integer('container_id')
      .notNull()
      .references(() => containers.id),
    at: instant('at').notNull(),
    /** null where it was not looked at. */
    levelDropCm: doublePrecision('level_drop_cm'),
    rootMass: text('root_mass').$type<RootMass>().notNull(),
    runsDownSide: boolean('runs_down_side').notNull(),
    smell: text('smell').$type<PotLook['smell']>(),
    life: text('life').$type<PotLook['life']>(),
    mulchCm: doublePrecision('mulch_cm').notNull().default(0),
    years: doublePrecision('years'),
    drains: boolean('drains').notNull().default(true),
    debris: text('debris').$type<PotLook['debris']>().notNull().default('left'),
    note: text('note'),
  },
  (table) => [index('intakes_by_pot').on(table.containerId, table.at)],
)

export type WorkOrderState = 'open' | 'finished' | 'put-away'

export const workOrders = pgTable(
  'work_orders',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    state: text('state').$type<WorkOrderState>().notNull(),
    createdAt: instant('created_at').notNull(),
    finishedAt: instant('finished_at'),
    /** What was found and wanted. */
    intake: jsonb('intake').$type<Intake>().notNull(),
    recipe: jsonb('recipe').$type<Recipe>().notNull(),
    readyOn: text('ready_on').notNull(),
    /** What it takes to undo its end; null while it is open, and for orders of before. */
    undo: jsonb('undo').$type<FinishUndo>(),
    version: version(),
  },
  (table) => [
    uniqueIndex('one_open_order').on(table.lotId).where(sql`${table.state} = 'open'`),
    index('orders_by_lot').on(table.lotId),
    index('orders_by_day').on(table.state, table.createdAt, table.id),
  ],
)

export const workOrderSteps = pgTable(
  'work_order_steps',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    workOrderId: integer('work_order_id')
      .notNull()
      .references(() => workOrders.id),
    position: integer('position').notNull(),
    plan: jsonb('plan').$type<WorkStep>().notNull(),
    /** Planned and, where it differed, actual. */
    amounts: jsonb('amounts').$type<readonly StepAmount[]>().notNull(),
    doneAt: instant('done_at'),
    /** Why it was ticked before its wait was over. */
    earlyFor: text('early_for'),
    version: version(),
  },
  (table) => [unique('steps_in_order').on(table.workOrderId, table.position)],
)
