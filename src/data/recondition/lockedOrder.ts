import { and, eq } from 'drizzle-orm'
import type { Database } from '../database'
import { Conflict, NotFound, StaleWrite } from '../errors'
import { lots } from '../media/lotTables'
import { type FinishUndo, type WorkOrderState, workOrders } from './tables'

/** How often a lot was changed; -1 for none. */
export async function versionOf(db: Database, lotId: number): Promise<number> {
  const [lot] = await db.select({ version: lots.version }).from(lots).where(eq(lots.id, lotId))
  return lot?.version ?? -1
}

/** Changes an order as it was read. @throws StaleWrite when it was changed since */
export async function changeOrder(
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

export async function lockOrder(db: Database, id: number) {
  const [order] = await db.select().from(workOrders).where(eq(workOrders.id, id)).for('update')
  if (!order) throw new NotFound(`There is no work order ${id}.`)
  return order
}

export function requireOpen(order: { state: string; finishedAt: Date | null }): void {
  if (order.state === 'finished') {
    throw new Conflict('This work order was finished before: nothing was booked twice.', {
      finishedAt: order.finishedAt?.toISOString(),
    })
  }
  if (order.state === 'put-away') throw new Conflict('This work order was put away.')
}
