import { and, eq } from 'drizzle-orm'
import type { Intake, Recipe, WorkStep } from '../../core/recondition'
import type { Database } from '../database'
import { Conflict, NotFound, StaleWrite } from '../errors'
import { inTransaction } from '../inTransaction'
import { changeOrder, lockOrder, requireOpen } from './lockedOrder'
import { readOpenOrder, type WorkOrderStep } from './readWorkOrders'
import { workOrderSteps, workOrders } from './tables'

/** @throws Conflict when the lot has an open order already */
export async function createWorkOrder(
  db: Database,
  order: {
    readonly lotId: number
    readonly intake: Intake
    readonly recipe: Recipe
    readonly steps: readonly WorkStep[]
    readonly readyOn: string
    readonly at: Date
  },
): Promise<number> {
  return inTransaction(db, async (tx) => {
    // The index on open orders decides between two requests at the same instant.
    const [made] = await tx
      .insert(workOrders)
      .values({
        lotId: order.lotId,
        state: 'open',
        createdAt: order.at,
        intake: order.intake,
        recipe: order.recipe,
        readyOn: order.readyOn,
      })
      .onConflictDoNothing()
      .returning({ id: workOrders.id })
    if (!made) {
      throw new Conflict('This lot has an open work order: finish it or put it away first.', {
        workOrderId: (await readOpenOrder(tx, order.lotId))?.id ?? null,
      })
    }
    await tx.insert(workOrderSteps).values(
      order.steps.map((step, position) => ({
        workOrderId: made.id,
        position,
        plan: step,
        amounts: step.amounts,
      })),
    )
    return made.id
  })
}

export interface StepChange {
  readonly stepId: number
  readonly version: number
  /** null opens the step again; undefined leaves it. */
  readonly doneAt?: Date | null
  /** Why it is ticked before its wait is over; null: it was not early. */
  readonly earlyFor?: string | null
  /** Actual amounts by id; null means as planned. */
  readonly actuals?: Readonly<Record<string, number | null>>
}

/**
 * Ticks a step or notes what was really used.
 * @throws Conflict when the order is not open, StaleWrite when the step was changed elsewhere since it was read
 */
export async function changeStep(
  db: Database,
  orderId: number,
  change: StepChange,
): Promise<WorkOrderStep> {
  return inTransaction(db, async (tx) => {
    const order = await lockOrder(tx, orderId)
    requireOpen(order)
    const [step] = await tx
      .select()
      .from(workOrderSteps)
      .where(and(eq(workOrderSteps.id, change.stepId), eq(workOrderSteps.workOrderId, orderId)))
    if (!step) throw new NotFound('There is no such step in this work order.')
    if (step.version !== change.version) {
      throw new StaleWrite('This step was changed on another page meanwhile.', { step })
    }
    const { actuals } = change
    const [changed] = await tx
      .update(workOrderSteps)
      .set({
        doneAt: change.doneAt === undefined ? step.doneAt : change.doneAt,
        earlyFor: change.earlyFor === undefined ? step.earlyFor : change.earlyFor,
        amounts: step.amounts.map((amount) =>
          actuals && amount.id in actuals
            ? { ...amount, actual: actuals[amount.id] ?? null }
            : amount,
        ),
        version: step.version + 1,
      })
      .where(and(eq(workOrderSteps.id, step.id), eq(workOrderSteps.version, change.version)))
      .returning()
    if (!changed) {
      throw new StaleWrite('This step was changed on another page meanwhile.', { step })
    }
    return changed
  })
}

/** Gives an open order up; the lot stays as it is. */
export async function putAwayWorkOrder(db: Database, orderId: number): Promise<void> {
  await inTransaction(db, async (tx) => {
    const order = await lockOrder(tx, orderId)
    requireOpen(order)
    await changeOrder(tx, order, { state: 'put-away' })
  })
}

/** Opens an order again that was put away. */
export async function takeUpWorkOrder(db: Database, orderId: number): Promise<void> {
  await inTransaction(db, async (tx) => {
    const order = await lockOrder(tx, orderId)
    if (order.state !== 'put-away') throw new Conflict('This work order was not put away.')
    if ((await readOpenOrder(tx, order.lotId)) !== null) {
      throw new Conflict('This lot has another open work order by now.')
    }
    await changeOrder(tx, order, { state: 'open' })
  })
}
