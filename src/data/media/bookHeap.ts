import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import { type LedgerLine, lotCost, requireBalanced, type Transfer } from '../../core/media'
import type { Heritage, MixState } from '../../core/recondition'
import { among } from '../among'
import { emptyLots } from '../containers/containers'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { groupBy } from '../groupBy'
import { inTransaction } from '../inTransaction'
import { copyHistory } from './innings'
import type { NewFinding } from './lotFindings'
import { createLot } from './lots'
import {
  type LotOrigin,
  ledgerEntries,
  lotContents,
  lotFindings,
  lots,
  lotTransfers,
  type MixedBefore,
  type TransferUndo,
} from './lotTables'
import { writeContentsOfMany } from './writeContents'

/** Of an entry that is about to be written, behind all others. */
const LAST = Number.MAX_SAFE_INTEGER

export interface HeapSource {
  readonly lotId: number
  /** What the ledger is put right by before it goes, where somebody looked; null where it stands. */
  readonly counted: LedgerLine | null
  /** All of it. */
  readonly lines: Transfer
  /** What is known to be in the mix that tests will not tell of any more. */
  readonly found: readonly NewFinding[]
}

export interface NewHeapOfLots {
  readonly name: string
  readonly origin: LotOrigin
  readonly storeBin: string
  readonly sources: readonly HeapSource[]
  readonly at: Date
  readonly despite: string | null
  /** What the first of them is as a mix, and with all the others. */
  readonly first: { readonly carried: MixState | null; readonly heritage: Heritage | null }
  readonly whole: { readonly carried: MixState | null; readonly heritage: Heritage | null }
}

/**
 * Books all of many lots into a new one: the same entries at both ends as one transfer each, written in as many
 * statements for two hundred lots as for two. Each can be taken back by itself; the heap is then told as it was with all
 * of them, or as the first alone.
 * @throws DomainError where a ledger would not balance, NotFound for a lot that is not there any more
 */
export async function bookHeap(db: Database, heap: NewHeapOfLots): Promise<number> {
  return inTransaction(db, async (tx) => {
    const { sources, at, first, whole } = heap
    const [one, ...others] = sources
    if (!one) throw new Error('A heap was asked for without lots.')
    const ids = sources.map(({ lotId }) => lotId)
    const rows = await leaveTheirPlaces(tx, ids)
    const mixedAt = rows.get(one.lotId)?.mixedAt ?? null
    const heapId = await createLot(tx, {
      name: heap.name,
      origin: heap.origin,
      storeBin: heap.storeBin,
      containerIds: [],
      lines: [],
      at,
      mixed: { at: mixedAt, carried: first.carried },
    })
    await copyHistory(tx, one.lotId, heapId)
    const found = await findingsOf(tx, heapId, sources)
    const before = (index: number): MixedBefore =>
      index <= 1
        ? { mixedAt: mixedAt?.toISOString() ?? null, carried: first.carried }
        : { mixedAt: at.toISOString(), carried: whole.carried }
    const transferIds = await tx
      .insert(lotTransfers)
      .values(
        sources.map(({ lotId, lines }, index) => ({
          fromLotId: lotId,
          toLotId: heapId,
          at,
          litres: lines.litres,
          despite: index === 0 ? null : heap.despite,
          undo: {
            isNew: index === 0,
            heritage: index === 0 ? null : index === 1 ? first.heritage : whole.heritage,
            findingIds: found.get(lotId) ?? [],
            containerIds: rows.get(lotId)?.containerIds ?? [],
            storeBin: rows.get(lotId)?.storeBin ?? null,
          } satisfies TransferUndo,
        })),
      )
      .returning({ id: lotTransfers.id })
    await writeLines(
      tx,
      sources.map((source, index) => ({ ...source, transferId: transferIds[index]?.id ?? 0 })),
      { heapId, at, before },
    )
    await tx
      .update(lots)
      .set({
        heritage: others.length > 0 ? whole.heritage : first.heritage,
        carried: others.length > 0 ? whole.carried : first.carried,
        mixedAt: others.length > 0 ? at : mixedAt,
      })
      .where(eq(lots.id, heapId))
    return heapId
  })
}

interface Left {
  readonly mixedAt: Date | null
  readonly storeBin: string | null
  readonly containerIds: readonly number[]
}

/** Makes other writers wait, and empties the places of all. @returns how they stood before */
async function leaveTheirPlaces(
  db: Database,
  ids: readonly number[],
): Promise<ReadonlyMap<number, Left>> {
  const rows = await db
    .select({ id: lots.id, mixedAt: lots.mixedAt, storeBin: lots.storeBin })
    .from(lots)
    .where(among(lots.id, ids))
  const touched = await db
    .update(lots)
    .set({ version: sql`${lots.version} + 1`, storeBin: null })
    .where(and(among(lots.id, ids), isNull(lots.putAwayAt)))
    .returning({ id: lots.id })
  if (touched.length < ids.length) {
    const there = new Set(touched.map(({ id }) => id))
    throw new NotFound(`There is no lot ${ids.find((id) => !there.has(id))}.`)
  }
  const places = await emptyLots(db, ids)
  return new Map(rows.map(({ id, ...row }) => [id, { ...row, containerIds: places.get(id) ?? [] }]))
}

async function findingsOf(
  db: Database,
  heapId: number,
  sources: readonly HeapSource[],
): Promise<ReadonlyMap<number, readonly number[]>> {
  const rows = sources.flatMap(({ lotId, found }) => found.map((one) => ({ lotId, one })))
  if (rows.length === 0) return new Map()
  const made = await db
    .insert(lotFindings)
    .values(rows.map(({ one }) => ({ ...one, lotId: heapId })))
    .returning({ id: lotFindings.id })
  const pairs = rows.map(({ lotId }, index) => ({ lotId, id: made[index]?.id ?? 0 }))
  return new Map(
    [...groupBy(pairs, ({ lotId }) => lotId)].map(([lotId, all]) => [
      lotId,
      all.map(({ id }) => id),
    ]),
  )
}

async function writeLines(
  db: Database,
  sources: readonly (HeapSource & { readonly transferId: number })[],
  {
    heapId,
    at,
    before,
  }: {
    readonly heapId: number
    readonly at: Date
    readonly before: (index: number) => MixedBefore
  },
): Promise<void> {
  const ids = sources.map(({ lotId }) => lotId)
  const ledgers = groupBy(
    await db
      .select()
      .from(ledgerEntries)
      .where(among(ledgerEntries.lotId, ids))
      .orderBy(asc(ledgerEntries.id)),
    ({ lotId }) => lotId,
  )
  const rows = sources.flatMap((source, index) => {
    const { lotId, counted, lines, transferId } = source
    const ledger = ledgers.get(lotId) ?? []
    const added = [...(counted ? [counted] : []), lines.out]
    requireBalanced(ledger, added)
    const { perLitre, unknownLitres } = lotCost([
      ...ledger,
      ...(counted ? [{ ...counted, id: LAST, reversesId: null, cost: null }] : []),
    ])
    const cost = unknownLitres > 0 ? null : perLitre * lines.litres
    const ends = { at, transferId }
    return [
      ...(counted ? [{ ...counted, lotId, at }] : []),
      { ...lines.out, ...ends, lotId, otherLotId: heapId },
      {
        ...lines.into,
        ...ends,
        lotId: heapId,
        otherLotId: lotId,
        cost,
        before: before(index),
      },
    ]
  })
  await db.insert(ledgerEntries).values(rows)
  await db.delete(lotContents).where(among(lotContents.lotId, ids))
  await writeContentsOfMany(db, [[heapId, sources.map(({ lines }) => lines.into)]])
}
