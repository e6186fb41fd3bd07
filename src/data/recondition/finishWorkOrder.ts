import { eq } from 'drizzle-orm'
import type { FinishedBatch, MixState, Prediction } from '../../core/recondition'
import { takeGramsFromStock } from '../chemistry/amendments'
import { containersOfLot, placeLot } from '../containers/containers'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { inTransaction } from '../inTransaction'
import { copyHistory, openNextInnings } from '../media/innings'
import { addFindings, endOpenFindings, type NewFinding } from '../media/lotFindings'
import { appendLines, createLot } from '../media/lots'
import { type LotOrigin, lots } from '../media/lotTables'
import { takeFromStock } from '../media/materials'
import { endAllIn } from '../season/plantings'
import { changeOrder, lockOrder, requireOpen, versionOf } from './lockedOrder'
import { readWorkOrder, type WorkOrder } from './readWorkOrders'
import type { FinishUndo } from './tables'

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
  return inTransaction(db, async (tx) => {
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
