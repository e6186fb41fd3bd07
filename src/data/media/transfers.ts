import { and, desc, eq, isNull, or } from 'drizzle-orm'
import { type LedgerLine, requireBalanced, reversingLine, type Transfer } from '../../core/media'
import type { Heritage, MixState } from '../../core/recondition'
import { among } from '../among'
import { containersOfLot, placeLot } from '../containers/containers'
import type { Database } from '../database'
import { Conflict, NotFound } from '../errors'
import { inTransaction } from '../inTransaction'
import { copyHistory } from './innings'
import { addFindings, type NewFinding } from './lotFindings'
import { createLot, giveBackMix, insertLines, lockLot } from './lots'
import { type LotOrigin, ledgerEntries, lotFindings, lots, lotTransfers } from './lotTables'
import { writeContents } from './writeContents'

export type StoredTransfer = typeof lotTransfers.$inferSelect

export interface NewTransfer {
  readonly fromLotId: number
  readonly to:
    | { readonly lotId: number }
    | {
        readonly name: string
        readonly origin: LotOrigin
        readonly storeBin: string | null
        readonly containerIds: readonly number[]
      }
  readonly lines: Transfer
  readonly at: Date
  /** Nothing is left of the lot it comes from. */
  readonly isAll: boolean
  /** Containers that it goes on standing in, parted from the others of the lot. */
  readonly partedIds?: readonly number[]
  /** What the other lot is with it; null where its composition tells. */
  readonly carried: MixState | null
  readonly heritage: Heritage | null
  /** What is known to be in the mix that tests will not tell of any more. */
  readonly found: readonly NewFinding[]
  readonly despite: string | null
}

/**
 * Books litres from one lot to another, at both ends or not at all; the one that is used up leaves its place.
 * @throws DomainError where a ledger would not balance
 */
export async function bookTransfer(
  db: Database,
  transfer: NewTransfer,
): Promise<{ readonly id: number; readonly toLotId: number }> {
  const { fromLotId, to, lines, at, isAll, carried, heritage, found, despite } = transfer
  const { partedIds = [] } = transfer
  return inTransaction(db, async (tx) => {
    const from = await lotRow(tx, fromLotId)
    const isNew = !('lotId' in to)
    if (partedIds.length > 0) {
      const others = (await containersOfLot(tx, fromLotId)).filter((id) => !partedIds.includes(id))
      await placeLot(tx, fromLotId, others)
    }
    const toLotId = isNew
      ? await createLot(tx, {
          ...to,
          lines: [],
          at,
          mixed: { at: from.mixedAt, carried },
        })
      : to.lotId
    const target = await lotRow(tx, toLotId)
    if (isNew) await copyHistory(tx, fromLotId, toLotId)
    const findingIds = await addFindings(tx, toLotId, found)
    const containerIds = isAll ? await containersOfLot(tx, fromLotId) : partedIds
    const undo = {
      isNew,
      heritage: target.heritage,
      findingIds,
      containerIds,
      storeBin: from.storeBin,
      ...(partedIds.length > 0 ? { parted: true } : {}),
    }
    const [made] = await tx
      .insert(lotTransfers)
      .values({ fromLotId, toLotId, at, litres: lines.litres, despite, undo })
      .returning({ id: lotTransfers.id })
    if (!made) throw new Error('The transfer was not written.')
    await bookEnd(tx, fromLotId, lines.out, at, { transferId: made.id, otherLotId: toLotId })
    await bookEnd(tx, toLotId, lines.into, at, {
      transferId: made.id,
      otherLotId: fromLotId,
      carried,
      // A lot made of another was mixed when that one was.
      ...(isNew ? { mixedAt: from.mixedAt ?? undefined } : {}),
    })
    await tx
      .update(lots)
      .set({
        heritage: isNew ? from.heritage : heritage,
        ...(isNew ? { mixedAt: from.mixedAt } : {}),
      })
      .where(eq(lots.id, toLotId))
    if (isAll) {
      await placeLot(tx, fromLotId, [])
      await tx.update(lots).set({ storeBin: null }).where(eq(lots.id, fromLotId))
    }
    return { id: made.id, toLotId }
  })
}

async function bookEnd(
  db: Database,
  lotId: number,
  line: LedgerLine,
  at: Date,
  links: {
    readonly transferId: number
    readonly otherLotId: number
    readonly carried?: MixState | null
    readonly mixedAt?: Date | undefined
  },
): Promise<void> {
  await lockLot(db, lotId)
  const before = await db.select().from(ledgerEntries).where(eq(ledgerEntries.lotId, lotId))
  requireBalanced(before, [line])
  await insertLines(db, lotId, [line], at, links)
  await writeContents(db, lotId, [...before, line])
}

/**
 * Takes a transfer back at both ends: litres, what was mixed, what was found, places. A lot that was made of it goes.
 * @throws Conflict where it was taken back before, or a place is taken by now; DomainError where the litres are no longer
 *   there
 */
export async function undoTransfer(db: Database, id: number, at: Date): Promise<void> {
  await inTransaction(db, async (tx) => {
    const [transfer] = await tx
      .update(lotTransfers)
      .set({ undoneAt: at })
      .where(and(eq(lotTransfers.id, id), isNull(lotTransfers.undoneAt)))
      .returning()
    if (!transfer) throw new Conflict('This entry was reversed before.')
    const { fromLotId, toLotId, undo } = transfer
    const ends = await tx.select().from(ledgerEntries).where(eq(ledgerEntries.transferId, id))
    for (const entry of ends) {
      const { lotId } = entry
      await lockLot(tx, lotId)
      const before = await tx.select().from(ledgerEntries).where(eq(ledgerEntries.lotId, lotId))
      const line = reversingLine(entry, null)
      requireBalanced(before, [line])
      await tx.insert(ledgerEntries).values({
        lotId,
        at,
        reversesId: entry.id,
        otherLotId: entry.otherLotId,
        ...line,
      })
      await giveBackMix(tx, lotId, entry)
      await writeContents(tx, lotId, [...before, line])
    }
    await tx.update(lots).set({ heritage: undo.heritage }).where(eq(lots.id, toLotId))
    if (undo.findingIds.length > 0) {
      await tx
        .update(lotFindings)
        .set({ endedAt: at })
        .where(among(lotFindings.id, undo.findingIds))
    }
    if (undo.isNew) {
      await placeLot(tx, toLotId, [])
      await tx.update(lots).set({ putAwayAt: at }).where(eq(lots.id, toLotId))
    }
    const standsIn = await containersOfLot(tx, fromLotId)
    if (undo.containerIds.length > 0 && (standsIn.length === 0 || undo.parted)) {
      await placeLot(tx, fromLotId, [...standsIn, ...undo.containerIds])
    }
    if (undo.storeBin !== null) {
      await tx.update(lots).set({ storeBin: undo.storeBin }).where(eq(lots.id, fromLotId))
    }
  })
}

/** What went into a lot and out of it, newest first; what was taken back is left out. */
export async function transfersOf(db: Database, lotId: number): Promise<StoredTransfer[]> {
  return db
    .select()
    .from(lotTransfers)
    .where(
      and(
        or(eq(lotTransfers.fromLotId, lotId), eq(lotTransfers.toLotId, lotId)),
        isNull(lotTransfers.undoneAt),
      ),
    )
    .orderBy(desc(lotTransfers.at), desc(lotTransfers.id))
}

async function lotRow(db: Database, id: number): Promise<typeof lots.$inferSelect> {
  const [row] = await db
    .select()
    .from(lots)
    .where(and(eq(lots.id, id), isNull(lots.putAwayAt)))
  if (!row) throw new NotFound(`There is no lot ${id}.`)
  return row
}

/** Puts a whole lot somewhere else, and writes down from where to where. */
export async function placeWholeLot(
  db: Database,
  lotId: number,
  {
    containerIds,
    storeBin,
    line,
    at,
  }: {
    readonly containerIds: readonly number[]
    readonly storeBin: string
    readonly line: LedgerLine
    readonly at: Date
  },
): Promise<void> {
  await inTransaction(db, async (tx) => {
    await lockLot(tx, lotId)
    await placeLot(tx, lotId, containerIds)
    await tx
      .update(lots)
      .set({ storeBin: containerIds.length > 0 ? null : storeBin })
      .where(eq(lots.id, lotId))
    await insertLines(tx, lotId, [line], at, {})
  })
}
