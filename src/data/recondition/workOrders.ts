import { and, eq, inArray, sql } from 'drizzle-orm'
import type {
  FinishedBatch,
  Intake,
  MixState,
  Prediction,
  Recipe,
  WorkStep,
} from '../../core/recondition'
import { giveGramsToStock, takeGramsFromStock } from '../chemistry/amendments'
import { containersOfLot, placeLot } from '../containers/containers'
import type { Database } from '../database'
import { Conflict, NotFound, StaleWrite } from '../errors'
import { copyHistory, openNextInnings } from '../media/innings'
import { addFindings, endOpenFindings, type NewFinding } from '../media/lotFindings'
import { appendLines, createLot, reverseOrder } from '../media/lots'
import { innings, type LotOrigin, lotFindings, lots } from '../media/lotTables'
import { giveToStock, takeFromStock } from '../media/materials'
import { endAllIn, growAgain } from '../season/plantings'
import { readOpenOrder, readWorkOrder, type WorkOrder, type WorkOrderStep } from './readWorkOrders'
import { type FinishUndo, type WorkOrderState, workOrderSteps, workOrders } from './tables'

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
  return db.transaction(async (tx) => {
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
  return db.transaction(async (tx) => {
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
  await db.transaction(async (tx) => {
    const order = await lockOrder(tx, orderId)
    requireOpen(order)
    await changeOrder(tx, order, { state: 'put-away' })
  })
}

/** Opens an order again that was put away. */
export async function takeUpWorkOrder(db: Database, orderId: number): Promise<void> {
  await db.transaction(async (tx) => {
    const order = await lockOrder(tx, orderId)
    if (order.state !== 'put-away') throw new Conflict('This work order was not put away.')
    if ((await readOpenOrder(tx, order.lotId)) !== null) {
      throw new Conflict('This lot has another open work order by now.')
    }
    await changeOrder(tx, order, { state: 'open' })
  })
}

export interface Finish {
  readonly batch: FinishedBatch
  readonly predicted: Prediction
  readonly startedOn: string
  readonly at: Date
  /** When it was really mixed, by the ticks of its steps. */
  readonly mixedAt: Date
  /** What the new mix was worked out to be. */
  readonly carried: MixState
  readonly readyOn: string
  readonly leftover: {
    readonly name: string
    readonly bin: string
    readonly origin: LotOrigin
    /** What the old mix was known to be; null where its composition tells. */
    readonly carried: MixState | null
    /** What was found in it by tests. */
    readonly found: readonly NewFinding[]
  }
  /** What stays with the mix of all that was found in the old one. */
  readonly staying: readonly NewFinding[]
}

/**
 * Books a finished turnover, all of it or nothing: ledger, leftovers, places, stock, the next innings, the order.
 * @param account works out the bookings from the order as it stands inside the transaction
 * @throws Conflict when the order was finished or put away before
 * @returns the id of the lot that took the leftovers, if any
 */
export async function finishWorkOrder(
  db: Database,
  orderId: number,
  account: (order: WorkOrder, tx: Database) => Promise<Finish>,
): Promise<{ leftoverLotId: number | null }> {
  return db.transaction(async (tx) => {
    const locked = await lockOrder(tx, orderId)
    requireOpen(locked)
    const order = await readWorkOrder(tx, orderId)
    const { batch, predicted, startedOn, at, leftover, ...mix } = await account(order, tx)
    const { lotId } = order
    const [lot] = await tx.select().from(lots).where(eq(lots.id, lotId))
    if (!lot) throw new NotFound(`There is no lot ${lotId}.`)
    const standsIn = await containersOfLot(tx, lotId)
    const leftoverLotId = batch.leftover
      ? await createLot(tx, {
          name: leftover.name,
          origin: leftover.origin,
          storeBin: leftover.bin,
          containerIds: [],
          lines: [batch.leftover],
          at,
          otherLotId: lotId,
          workOrderId: orderId,
          mixed: { at: lot.mixedAt, carried: leftover.carried },
        })
      : null
    if (leftoverLotId !== null) {
      await copyHistory(tx, lotId, leftoverLotId)
      await addFindings(tx, leftoverLotId, leftover.found)
    }
    const endedFindingIds = await endOpenFindings(tx, lotId, at)
    const stayingIds = await addFindings(tx, lotId, mix.staying)
    await appendLines(tx, lotId, batch.lines, at, {
      workOrderId: orderId,
      mixedAt: mix.mixedAt,
      carried: mix.carried,
      ...(leftoverLotId === null ? {} : { otherLotId: leftoverLotId }),
    })
    await placeLot(tx, lotId, order.intake.containerIds)
    await tx.update(lots).set({ storeBin: null }).where(eq(lots.id, lotId))
    const taken: { id: string; unit: 'L' | 'g'; amount: number }[] = []
    for (const { role, unit, id, planned, actual } of order.steps.flatMap(
      ({ amounts }) => amounts,
    )) {
      if (role === 'lot') continue
      const amount = actual ?? planned
      const take = unit === 'L' ? takeFromStock : takeGramsFromStock
      taken.push({ id, unit, amount: await take(tx, id, amount) })
    }
    await endAllIn(tx, lotId, {
      endedOn: startedOn,
      endedWhy: 'turned over',
      workOrderId: orderId,
    })
    const opened = await openNextInnings(tx, lotId, {
      cropId: order.intake.cropId,
      startedOn,
      predicted,
      workOrderId: orderId,
      readyOn: mix.readyOn,
      plantedOn: null,
      litres: batch.after.litres,
    })
    const undo: FinishUndo = {
      lotVersion: await versionOf(tx, lotId),
      leftoverVersion: leftoverLotId === null ? null : await versionOf(tx, leftoverLotId),
      mixed: { mixedAt: lot.mixedAt?.toISOString() ?? null, carried: lot.carried },
      storeBin: lot.storeBin,
      containerIds: standsIn,
      leftoverLotId,
      inningsId: opened.id,
      closedInningsId: opened.closedId,
      taken,
      endedFindingIds,
      stayingIds,
    }
    await changeOrder(tx, locked, { state: 'finished', finishedAt: at, undo })
    return { leftoverLotId }
  })
}

/**
 * Takes the end of a turnover back, until something follows: ledger by opposite lines, leftovers, places, stock, innings.
 * @throws Conflict where the lot, or what was left over, was changed since
 */
export async function undoFinish(db: Database, orderId: number, at: Date): Promise<void> {
  await db.transaction(async (tx) => {
    const order = await lockOrder(tx, orderId)
    const { undo, lotId } = order
    if (order.state !== 'finished' || !undo) {
      throw new Conflict('This work order cannot be opened again.')
    }
    const isAsItWas =
      (await versionOf(tx, lotId)) === undo.lotVersion &&
      (undo.leftoverLotId === null ||
        (await versionOf(tx, undo.leftoverLotId)) === undo.leftoverVersion)
    if (!isAsItWas || (await readOpenOrder(tx, lotId)) !== null) {
      throw new Conflict('Something followed on this lot: enter what differs instead.')
    }
    await reverseOrder(tx, lotId, orderId, at)
    if (undo.leftoverLotId !== null) {
      await reverseOrder(tx, undo.leftoverLotId, orderId, at)
      await tx.update(lots).set({ putAwayAt: at }).where(eq(lots.id, undo.leftoverLotId))
    }
    const { mixedAt, carried } = undo.mixed
    await tx
      .update(lots)
      .set({
        mixedAt: mixedAt === null ? null : new Date(mixedAt),
        carried,
        storeBin: undo.storeBin,
      })
      .where(eq(lots.id, lotId))
    await placeLot(tx, lotId, undo.containerIds)
    await tx.delete(innings).where(eq(innings.id, undo.inningsId))
    await growAgain(tx, orderId)
    if (undo.closedInningsId !== null) {
      await tx
        .update(innings)
        .set({ endedOn: null, version: sql`${innings.version} + 1` })
        .where(eq(innings.id, undo.closedInningsId))
    }
    if (undo.stayingIds.length > 0) {
      await tx
        .update(lotFindings)
        .set({ endedAt: at })
        .where(inArray(lotFindings.id, [...undo.stayingIds]))
    }
    if (undo.endedFindingIds.length > 0) {
      await tx
        .update(lotFindings)
        .set({ endedAt: null })
        .where(inArray(lotFindings.id, [...undo.endedFindingIds]))
    }
    for (const { id, unit, amount } of undo.taken) {
      await (unit === 'L' ? giveToStock : giveGramsToStock)(tx, id, amount)
    }
    await changeOrder(tx, order, { state: 'open', finishedAt: null, undo: null })
  })
}

async function versionOf(db: Database, lotId: number): Promise<number> {
  const [lot] = await db.select({ version: lots.version }).from(lots).where(eq(lots.id, lotId))
  return lot?.version ?? -1
}

/** Changes an order as it was read. @throws StaleWrite when it was changed since */
async function changeOrder(
  db: Database,
  { id, version }: { readonly id: number; readonly version: number },
  change: {
    readonly state: WorkOrderState
    readonly finishedAt?: Date | null
    readonly undo?: FinishUndo | null
  },
): Promise<void> {
  const changed = await db
    .update(workOrders)
    .set({ ...change, version: version + 1 })
    .where(and(eq(workOrders.id, id), eq(workOrders.version, version)))
    .returning({ id: workOrders.id })
  if (changed.length === 0) {
    throw new StaleWrite('This work order was changed on another page meanwhile.', { id })
  }
}

async function lockOrder(db: Database, id: number) {
  const [order] = await db.select().from(workOrders).where(eq(workOrders.id, id)).for('update')
  if (!order) throw new NotFound(`There is no work order ${id}.`)
  return order
}

function requireOpen(order: { state: string; finishedAt: Date | null }): void {
  if (order.state === 'finished') {
    throw new Conflict('This work order was finished before: nothing was booked twice.', {
      finishedAt: order.finishedAt?.toISOString(),
    })
  }
  if (order.state === 'put-away') throw new Conflict('This work order was put away.')
}
