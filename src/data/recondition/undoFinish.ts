import { eq, sql } from 'drizzle-orm'
import { among } from '../among'
import { giveGramsToStock } from '../chemistry/amendments'
import { placeLot } from '../containers/containers'
import type { Database } from '../database'
import { Conflict } from '../errors'
import { inTransaction } from '../inTransaction'
import { reverseOrder } from '../media/lots'
import { innings, lotFindings, lots } from '../media/lotTables'
import { giveToStock } from '../media/materials'
import { growAgain } from '../season/plantings'
import { changeOrder, lockOrder, versionOf } from './lockedOrder'
import { readOpenOrder } from './readWorkOrders'

/**
 * Takes the end of a turnover back, until something follows: ledger by opposite lines, leftovers, places, stock, innings.
 * @throws Conflict where the lot, or what was left over, was changed since
 */
export async function undoFinish(db: Database, orderId: number, at: Date): Promise<void> {
  await inTransaction(db, async (tx) => {
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
        .where(among(lotFindings.id, undo.stayingIds))
    }
    if (undo.endedFindingIds.length > 0) {
      await tx
        .update(lotFindings)
        .set({ endedAt: null })
        .where(among(lotFindings.id, undo.endedFindingIds))
    }
    for (const { id, unit, amount } of undo.taken) {
      await (unit === 'L' ? giveToStock : giveGramsToStock)(tx, id, amount)
    }
    await changeOrder(tx, order, { state: 'open', finishedAt: null, undo: null })
  })
}
