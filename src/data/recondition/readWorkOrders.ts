import { and, asc, count, desc, eq, inArray, type SQL, sql } from 'drizzle-orm'
import { among } from '../among'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { lots } from '../media/lotTables'
import { naturally } from '../naturally'
import { likeWord, wordsOf } from '../words'
import { type WorkOrderState, workOrderSteps, workOrders } from './tables'

export type WorkOrderStep = typeof workOrderSteps.$inferSelect
export type WorkOrder = typeof workOrders.$inferSelect & {
  readonly steps: readonly WorkOrderStep[]
}

/** A work order as lists show it: without its recipe and its steps. */
export interface OrderRow {
  readonly id: number
  readonly lotId: number
  readonly lotName: string
  readonly cropId: string
  readonly state: WorkOrderState
  readonly createdAt: Date
  readonly finishedAt: Date | null
  readonly readyOn: string
  readonly stepsDone: number
  readonly steps: number
}

/** @throws NotFound */
export async function readWorkOrder(db: Database, id: number): Promise<WorkOrder> {
  const [order] = await db.select().from(workOrders).where(eq(workOrders.id, id))
  if (!order) throw new NotFound(`There is no work order ${id}.`)
  const steps = await db
    .select()
    .from(workOrderSteps)
    .where(eq(workOrderSteps.workOrderId, id))
    .orderBy(asc(workOrderSteps.position))
  return { ...order, steps }
}

/** What a list of orders is asked for. */
export interface OrdersAsked {
  /** Words that must all be found in the lot's name. */
  readonly find?: string
  /** Newest first where it is left out. */
  readonly order?: 'oldest' | 'name'
  readonly offset: number
  readonly limit: number
}

/** A page of the orders of one state. */
export async function listWorkOrders(
  db: Database,
  state: WorkOrderState,
  { find = '', order, offset, limit }: OrdersAsked,
): Promise<{ readonly rows: readonly OrderRow[]; readonly total: number }> {
  const words = wordsOf(find)
  const named = words.map((word) => sql`lower(${lots.name}) like ${likeWord(word)}`)
  const inState = eq(workOrders.state, state)
  const condition =
    words.length === 0
      ? inState
      : and(
          inState,
          inArray(
            workOrders.lotId,
            db
              .select({ id: lots.id })
              .from(lots)
              .where(and(...named)),
          ),
        )
  const newest = [desc(workOrders.createdAt), desc(workOrders.id)]
  const byDay = order === 'oldest' ? [asc(workOrders.createdAt), asc(workOrders.id)] : newest
  // Which they are first, and only of these the names and steps: with the years thousands are finished.
  const part = db
    .select({ id: workOrders.id })
    .from(workOrders)
    .where(condition)
    .orderBy(...byDay)
    .limit(limit)
    .offset(offset)
  const rows =
    order === 'name'
      ? await orderRows(db, condition)
          .orderBy(naturally(lots.name), ...newest)
          .limit(limit)
          .offset(offset)
      : await orderRows(db, inArray(workOrders.id, part)).orderBy(...byDay)
  return { rows, total: await db.$count(workOrders, condition) }
}

/** The open orders on these lots, by lot: there is one at most on each. */
export async function readOpenOrders(
  db: Database,
  lotIds: readonly number[],
): Promise<ReadonlyMap<number, OrderRow>> {
  if (lotIds.length === 0) return new Map()
  const rows = await orderRows(
    db,
    and(eq(workOrders.state, 'open'), among(workOrders.lotId, lotIds)),
  )
  return new Map(rows.map((row) => [row.lotId, row]))
}

export async function readOpenOrder(db: Database, lotId: number): Promise<OrderRow | null> {
  return (await readOpenOrders(db, [lotId])).get(lotId) ?? null
}

/** Days between waterings as told for the last recipe of a lot; null where it never was. */
export async function lastHabit(db: Database, lotId: number): Promise<number | null> {
  return (await lastHabits(db, [lotId])).get(lotId) ?? null
}

/** The same of many lots. */
export async function lastHabits(
  db: Database,
  lotIds: readonly number[],
): Promise<ReadonlyMap<number, number | null>> {
  if (lotIds.length === 0) return new Map()
  const rows = await db
    .selectDistinctOn([workOrders.lotId], { lotId: workOrders.lotId, intake: workOrders.intake })
    .from(workOrders)
    .where(among(workOrders.lotId, lotIds))
    .orderBy(workOrders.lotId, desc(workOrders.id))
  return new Map(rows.map(({ lotId, intake }) => [lotId, intake.everyDays ?? null]))
}

function orderRows(db: Database, condition: SQL | undefined) {
  const steps = db
    .select({
      all: count().as('all'),
      done: count(workOrderSteps.doneAt).as('done'),
    })
    .from(workOrderSteps)
    .where(eq(workOrderSteps.workOrderId, workOrders.id))
    .as('steps')
  return db
    .select({
      id: workOrders.id,
      lotId: workOrders.lotId,
      lotName: lots.name,
      cropId: sql<string>`${workOrders.intake} ->> 'cropId'`,
      state: workOrders.state,
      createdAt: workOrders.createdAt,
      finishedAt: workOrders.finishedAt,
      readyOn: workOrders.readyOn,
      stepsDone: steps.done,
      steps: steps.all,
    })
    .from(workOrders)
    .innerJoin(lots, eq(lots.id, workOrders.lotId))
    .innerJoinLateral(steps, sql`true`)
    .where(condition)
}
