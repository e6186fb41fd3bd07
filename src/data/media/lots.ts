import { and, asc, eq, isNotNull, isNull, sql } from 'drizzle-orm'
import { type LedgerLine, requireBalanced, reversingLine } from '../../core/media'
import type { MixState } from '../../core/recondition'
import { containersOfLot, placeLot, requireContainers } from '../containers/containers'
import type { Database } from '../database'
import { Conflict, NotFound, StaleWrite } from '../errors'
import { inTransaction } from '../inTransaction'
import { workOrders } from '../recondition/tables'
import { lineCosts } from './lineCosts'
import { type LotOrigin, ledgerEntries, lots, type MixedBefore, measurements } from './lotTables'
import { type LedgerEntry, type Measurement, readLot } from './readLots'
import { writeContents } from './writeContents'

/** What lines belong to, and what the mix is afterwards where they change it. */
export interface LineLinks {
  readonly workOrderId?: number
  readonly otherLotId?: number
  /** Of both ends of what went from one lot to another. */
  readonly transferId?: number
  /** When it was really mixed, where that was before it was written down. */
  readonly mixedAt?: Date | undefined
  readonly carried?: MixState | null
}

export interface NewLot {
  readonly name: string
  readonly origin: LotOrigin
  readonly storeBin: string | null
  readonly containerIds: readonly number[]
  readonly lines: readonly LedgerLine[]
  readonly at: Date
  /** Seasons it has served already, as told. */
  readonly yearsTold?: number | null
  readonly otherLotId?: number
  readonly workOrderId?: number
  /** Of a mix that comes from another lot: what is known of it goes with it. */
  readonly mixed?: { readonly at: Date | null; readonly carried: MixState | null }
}

/** Makes a lot with its first ledger lines, in its containers or a store bin. */
export async function createLot(db: Database, lot: NewLot): Promise<number> {
  requireBalanced([], lot.lines)
  return inTransaction(db, async (tx) => {
    const [made] = await tx
      .insert(lots)
      .values({
        name: lot.name,
        origin: lot.origin,
        storeBin: lot.storeBin,
        createdAt: lot.at,
        yearsTold: lot.yearsTold ?? null,
      })
      .returning({ id: lots.id })
    if (!made) throw new Error('The lot was not made.')
    await placeLot(tx, made.id, lot.containerIds)
    await insertLines(tx, made.id, lot.lines, lot.at, lot)
    if (lot.mixed) {
      const { at: mixedAt, carried } = lot.mixed
      await tx.update(lots).set({ mixedAt, carried }).where(eq(lots.id, made.id))
    }
    await writeContents(tx, made.id, lot.lines)
    return made.id
  })
}

/**
 * Adds lines to a lot's ledger; nothing already written is changed.
 * @throws DomainError when the ledger would not balance or more would be taken out than is there
 */
export async function appendLines(
  db: Database,
  lotId: number,
  lines: readonly LedgerLine[],
  at: Date,
  links: LineLinks = {},
): Promise<void> {
  await inTransaction(db, async (tx) => {
    await lockLot(tx, lotId)
    const before = await tx.select().from(ledgerEntries).where(eq(ledgerEntries.lotId, lotId))
    requireBalanced(before, lines)
    await insertLines(tx, lotId, lines, at, links)
    await writeContents(tx, lotId, [...before, ...lines])
  })
}

/**
 * Takes the lines of a work order back by their opposites. Opposites themselves belong to the order as well: those of an
 * earlier time it was taken back are left alone.
 */
export async function reverseOrder(
  db: Database,
  lotId: number,
  workOrderId: number,
  at: Date,
): Promise<void> {
  await lockLot(db, lotId)
  const before = await db
    .select()
    .from(ledgerEntries)
    .where(eq(ledgerEntries.lotId, lotId))
    .orderBy(asc(ledgerEntries.id))
  const reversed = new Set(before.map(({ reversesId }) => reversesId))
  const entries = before.filter(
    (one) => one.workOrderId === workOrderId && one.reversesId === null && !reversed.has(one.id),
  )
  const lines = entries.map((entry) => ({ ...reversingLine(entry, null), reversesId: entry.id }))
  requireBalanced(before, lines)
  if (lines.length > 0) {
    await db
      .insert(ledgerEntries)
      .values(lines.map((line) => ({ lotId, at, workOrderId, ...line })))
  }
  await writeContents(db, lotId, [...before, ...lines])
}

/**
 * Gives a lot another name.
 * @throws StaleWrite when it was changed since it was read
 */
export async function renameLot(
  db: Database,
  id: number,
  { name, version }: { readonly name: string; readonly version: number },
): Promise<{ readonly version: number }> {
  const [renamed] = await db
    .update(lots)
    .set({ name, version: version + 1 })
    .where(and(eq(lots.id, id), eq(lots.version, version), isNull(lots.putAwayAt)))
    .returning({ version: lots.version })
  if (renamed) return renamed
  const now = await readLot(db, id)
  throw new StaleWrite('This lot was changed on another page meanwhile.', {
    name: now.name,
    version: now.version,
  })
}

/**
 * Puts a lot away and gives its containers free; nothing of its history is lost.
 * @returns where it stood, so that it can be taken up again
 * @throws Conflict while a work order is open on it
 */
export async function putAwayLot(
  db: Database,
  id: number,
  at: Date,
): Promise<{ readonly containerIds: readonly number[] }> {
  return inTransaction(db, async (tx) => {
    await lockLot(tx, id)
    const open = await tx
      .select({ id: workOrders.id })
      .from(workOrders)
      .where(and(eq(workOrders.lotId, id), eq(workOrders.state, 'open')))
    if (open.length > 0) {
      throw new Conflict('A work order is open on this lot: finish it or put it away first.')
    }
    const containerIds = await containersOfLot(tx, id)
    await placeLot(tx, id, [])
    await tx.update(lots).set({ putAwayAt: at }).where(eq(lots.id, id))
    return { containerIds }
  })
}

/**
 * Takes a lot up again that was put away, into the containers it stood in.
 * @throws Conflict when it was not put away, or one of the containers holds another lot by now
 */
export async function takeUpLot(
  db: Database,
  id: number,
  containerIds: readonly number[],
): Promise<void> {
  await inTransaction(db, async (tx) => {
    const taken = await tx
      .update(lots)
      .set({ putAwayAt: null, version: sql`${lots.version} + 1` })
      .where(and(eq(lots.id, id), isNotNull(lots.putAwayAt)))
      .returning({ id: lots.id })
    if (taken.length === 0) throw new Conflict('This lot was not put away.')
    await requireContainers(tx, containerIds)
    await placeLot(tx, id, containerIds)
  })
}

/** Keeps a measurement of a lot. */
export async function addMeasurement(
  db: Database,
  lotId: number,
  measured: Pick<Measurement, 'quantity' | 'value' | 'method' | 'at' | 'readAs'> & {
    readonly testId?: number
  },
): Promise<void> {
  await inTransaction(db, async (tx) => {
    await lockLot(tx, lotId)
    await tx.insert(measurements).values({ lotId, ...measured })
  })
}

/** Makes concurrent writers of one lot wait for each other, and tells readers that it changed. */
export async function lockLot(db: Database, lotId: number): Promise<void> {
  const touched = await db
    .update(lots)
    .set({ version: sql`${lots.version} + 1` })
    .where(and(eq(lots.id, lotId), isNull(lots.putAwayAt)))
    .returning({ id: lots.id })
  if (touched.length === 0) throw new NotFound(`There is no lot ${lotId}.`)
}

/** What tests say is part of what is known of a lot: those who kept its facts see that it changed. */
export async function tellLotChanged(db: Database, lotId: number): Promise<void> {
  await db
    .update(lots)
    .set({ version: sql`${lots.version} + 1` })
    .where(eq(lots.id, lotId))
}

/** Something else comes to what is in the lot: from then on older readings are of another mix. */
function mixesIn({ kind, litres, doses }: LedgerLine): boolean {
  return doses.length > 0 || (litres > 0 && kind !== 'recounted' && kind !== 'reversed')
}

/** The newest change of a mix taken back: the mix is what it was before. */
export async function giveBackMix(
  db: Database,
  lotId: number,
  { at, before }: Pick<LedgerEntry, 'at' | 'before'>,
): Promise<void> {
  if (!before) return
  await db
    .update(lots)
    .set({
      mixedAt: before.mixedAt === null ? null : new Date(before.mixedAt),
      carried: before.carried,
    })
    .where(and(eq(lots.id, lotId), eq(lots.mixedAt, at)))
}

export async function insertLines(
  db: Database,
  lotId: number,
  lines: readonly LedgerLine[],
  at: Date,
  links: LineLinks,
): Promise<void> {
  if (lines.length === 0) return
  const [lot] = await db
    .select({ mixedAt: lots.mixedAt, carried: lots.carried })
    .from(lots)
    .where(eq(lots.id, lotId))
  const before: MixedBefore = {
    mixedAt: lot?.mixedAt?.toISOString() ?? null,
    carried: lot?.carried ?? null,
  }
  if (lines.some(mixesIn)) {
    const { mixedAt = at, carried = null } = links
    await db.update(lots).set({ mixedAt, carried }).where(eq(lots.id, lotId))
  }
  const costs = await lineCosts(db, lines, links)
  await db.insert(ledgerEntries).values(
    lines.map((line, index) => ({
      lotId,
      at,
      cost: costs[index] ?? null,
      kind: line.kind,
      litres: line.litres,
      components: line.components,
      doses: line.doses,
      note: line.note,
      workOrderId: links.workOrderId ?? null,
      otherLotId:
        line.kind === 'split' || links.transferId !== undefined ? (links.otherLotId ?? null) : null,
      transferId: links.transferId ?? null,
      before: mixesIn(line) ? before : null,
    })),
  )
}
