import { eq } from 'drizzle-orm'
import { requireBalanced, reversingLine } from '../../core/media'
import type { Database } from '../database'
import { Conflict, NotFound } from '../errors'
import { inTransaction } from '../inTransaction'
import { giveBackMix, lockLot } from './lots'
import { ledgerEntries } from './lotTables'
import { undoTransfer } from './transfers'
import { writeContents } from './writeContents'

/**
 * Undoes an entry by writing its opposite.
 * @throws Conflict for an entry that was reversed before, that is itself a reversal, or that belongs to a work order
 */
export async function reverseEntry(
  db: Database,
  lotId: number,
  entryId: number,
  at: Date,
  note: string | null,
): Promise<void> {
  await inTransaction(db, async (tx) => {
    await lockLot(tx, lotId)
    const before = await tx.select().from(ledgerEntries).where(eq(ledgerEntries.lotId, lotId))
    const entry = before.find(({ id }) => id === entryId)
    if (!entry) throw new NotFound('There is no such entry in this lot.')
    if (entry.reversesId !== null)
      throw new Conflict('A reversal cannot be reversed: enter it anew.')
    if (before.some(({ reversesId }) => reversesId === entryId)) {
      throw new Conflict('This entry was reversed before.')
    }
    if (entry.workOrderId !== null) {
      throw new Conflict('This entry belongs to a finished turnover: enter the difference instead.')
    }
    if (entry.kind === 'moved') throw new Conflict('Nothing was counted by it: move the lot back.')
    if (entry.transferId !== null) {
      await undoTransfer(tx, entry.transferId, at)
      return
    }
    const line = reversingLine(entry, note)
    requireBalanced(before, [line])
    await tx.insert(ledgerEntries).values({ lotId, at, reversesId: entryId, ...line })
    await giveBackMix(tx, lotId, entry)
    await writeContents(tx, lotId, [...before, line])
  })
}
