import { and, asc, eq, isNotNull, isNull } from 'drizzle-orm'
import { alias } from 'drizzle-orm/pg-core'
import { contentsOf, type LedgerLine } from '../../core/media'
import { among } from '../among'
import type { Database } from '../database'
import { inTransaction } from '../inTransaction'
import { keep } from '../kept'
import { tellLotChanged } from './lots'
import { ledgerEntries, lots, mendedLots } from './lotTables'
import { writeContents } from './writeContents'

type Entry = typeof ledgerEntries.$inferSelect

export interface MendedLot {
  readonly id: number
  readonly lotId: number
  readonly name: string
  readonly litres: number
  readonly isTakenOut: boolean
}

/** Rounding in sums of litres. */
const TOLERANCE_L = 1e-9
const COUNTED_BY = ['recounted', 'emptied'] as const

/**
 * Takes out of ledgers what was booked by reversing a reversal, which earlier versions did when an order was finished
 * and taken back twice: litres that never came. A lot that was counted since, or of which more was used than would be
 * there without them, keeps its litres, and they are written down as counted. Each is kept to be told.
 */
export async function mendReversals(db: Database, at: Date): Promise<void> {
  const reversed = alias(ledgerEntries, 'reversed')
  const wrong = await db
    .selectDistinctOn([ledgerEntries.lotId], { lotId: ledgerEntries.lotId })
    .from(ledgerEntries)
    .innerJoin(reversed, eq(reversed.id, ledgerEntries.reversesId))
    .where(isNotNull(reversed.reversesId))
  if (wrong.length === 0) return
  await inTransaction(db, async (tx) => {
    for (const { lotId } of wrong) await mendLot(tx, lotId, at)
  })
}

async function mendLot(db: Database, lotId: number, at: Date): Promise<void> {
  const all = await db
    .select()
    .from(ledgerEntries)
    .where(eq(ledgerEntries.lotId, lotId))
    .orderBy(asc(ledgerEntries.id))
  const reversals = new Set(all.flatMap(({ id, reversesId }) => (reversesId === null ? [] : [id])))
  const isWrong = ({ reversesId }: Entry) => reversesId !== null && reversals.has(reversesId)
  const wrong = all.filter(isWrong)
  const rest = all.filter((one) => !isWrong(one))
  const [first] = wrong
  if (!first) return
  // The later of them refer to the earlier.
  await db.delete(ledgerEntries).where(
    among(
      ledgerEntries.id,
      wrong.map(({ id }) => id),
    ),
  )
  const { components } = contentsOf(wrong)
  const litres = components.reduce((sum, one) => sum + one.litres, 0)
  const isTakenOut = !isCountedAfter(rest, first.id) && holdsAtAnyTime(rest)
  if (!isTakenOut && components.length > 0) {
    const line: LedgerLine = { kind: 'recounted', litres, components, doses: [], note: null }
    await db.insert(ledgerEntries).values({ ...line, lotId, at: wrong.at(-1)?.at ?? at })
  }
  const ledger = await db.select().from(ledgerEntries).where(eq(ledgerEntries.lotId, lotId))
  await writeContents(db, lotId, ledger)
  if (isTakenOut) await tellLotChanged(db, lotId)
  if (components.length > 0) await db.insert(mendedLots).values({ lotId, at, litres, isTakenOut })
}

/** Whether somebody counted what is there, alone or by finishing an order, after this entry. */
function isCountedAfter(entries: readonly Entry[], id: number): boolean {
  const takenBack = new Set(entries.map(({ reversesId }) => reversesId))
  return entries.some(
    (one) =>
      one.id > id &&
      one.reversesId === null &&
      !takenBack.has(one.id) &&
      (one.workOrderId !== null || COUNTED_BY.some((kind) => kind === one.kind)),
  )
}

/** What was written at one moment belongs together: only behind it is nothing below nothing. */
function holdsAtAnyTime(entries: readonly Entry[]): boolean {
  const there = new Map<string, number>()
  return entries.every(({ at, components }, index) => {
    for (const { materialId, litres } of components) {
      there.set(materialId, (there.get(materialId) ?? 0) + litres)
    }
    const goesOn = entries[index + 1]?.at.getTime() === at.getTime()
    return goesOn || [...there.values()].every((litres) => litres > -TOLERANCE_L)
  })
}

/** What was mended and not seen yet by who has to know. */
export const unseenMends: (db: Database) => Promise<readonly MendedLot[]> = keep('mends', (db) =>
  db
    .select({
      id: mendedLots.id,
      lotId: mendedLots.lotId,
      name: lots.name,
      litres: mendedLots.litres,
      isTakenOut: mendedLots.isTakenOut,
    })
    .from(mendedLots)
    .innerJoin(lots, eq(lots.id, mendedLots.lotId))
    .where(isNull(mendedLots.seenAt))
    .orderBy(mendedLots.id),
)

/** They are not told again. */
export async function seeMends(db: Database, ids: readonly number[], at: Date): Promise<void> {
  await db
    .update(mendedLots)
    .set({ seenAt: at })
    .where(and(among(mendedLots.id, ids), isNull(mendedLots.seenAt)))
}
