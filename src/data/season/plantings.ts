import { and, type Column, desc, eq, isNull, type SQL, sql } from 'drizzle-orm'
import { outcomeOf } from '../../core/season'
import { among } from '../among'
import { requireContainers } from '../containers/containers'
import type { Database } from '../database'
import { Conflict, NotFound } from '../errors'
import { inTransaction } from '../inTransaction'
import { keep } from '../kept'
import { openNextInnings } from '../media/innings'
import { lockLot } from '../media/lots'
import { innings } from '../media/lotTables'
import { plantings, type WhyEnded } from './plantingTables'

export type Planting = typeof plantings.$inferSelect

export interface NewPlanting extends Pick<Planting, 'cropId' | 'how' | 'count' | 'startedOn'> {
  readonly cultivar: string | null
  readonly despite: string | null
  readonly movedFromId?: number | null
}

/** All that ever grew in these containers, the newest first. */
export async function plantingsIn(
  db: Database,
  containerIds: readonly number[],
): Promise<Planting[]> {
  if (containerIds.length === 0) return []
  return db
    .select()
    .from(plantings)
    .where(among(plantings.containerId, containerIds))
    .orderBy(desc(plantings.startedOn), desc(plantings.id))
}

/** What grows now, in all containers. */
export const openPlantings: (db: Database) => Promise<readonly Planting[]> = keep(
  'plantings',
  (db) => db.select().from(plantings).where(isNull(plantings.endedOn)).orderBy(plantings.id),
)

/** The crop that was planted last in each of these containers, growing or gone. */
export async function lastCropsIn(
  db: Database,
  containerIds: readonly number[],
): Promise<ReadonlyMap<number, string>> {
  if (containerIds.length === 0) return new Map()
  return lastCropsWhere(db, among(plantings.containerId, containerIds))
}

/** The same of all containers, for a page that shows most of them. */
export const lastCropsInAll: (db: Database) => Promise<ReadonlyMap<number, string>> = keep(
  'plantings',
  (db) => lastCropsWhere(db),
)

async function lastCropsWhere(db: Database, where?: SQL): Promise<ReadonlyMap<number, string>> {
  const { containerId, cropId, startedOn, id } = plantings
  const rows = await db
    .selectDistinctOn([containerId], { containerId, cropId })
    .from(plantings)
    .where(where)
    .orderBy(containerId, desc(startedOn), desc(id))
  return new Map(rows.map((row) => [row.containerId, row.cropId]))
}

/** @throws NotFound */
export async function readPlanting(db: Database, id: number): Promise<Planting> {
  const [found] = await db.select().from(plantings).where(eq(plantings.id, id))
  if (!found) throw new NotFound(`There is no planting ${id}.`)
  return found
}

/**
 * Plants containers alike: each in the present innings of the lot that stands in it, or in its next one where none is
 * open. What really grows is what that innings is called after. What grows there already, told in the same words, is
 * the same planting told twice.
 * @throws Conflict where a container holds no mix
 */
export async function plant(
  db: Database,
  containerIds: readonly number[],
  planting: NewPlanting,
): Promise<number[]> {
  return inTransaction(db, async (tx) => {
    const found = await requireContainers(tx, containerIds)
    const known = await toldBefore(tx, containerIds, planting)
    const inningsOf = new Map<number, number>()
    for (const { id, code, lotId } of found) {
      if (known.has(id)) continue
      if (lotId === null) {
        throw new Conflict(`There is no mix in ${code}: put a lot into it first.`)
      }
      if (!inningsOf.has(lotId)) inningsOf.set(lotId, await inningsToPlant(tx, lotId, planting))
    }
    const rows = found.flatMap(({ id, lotId }) => {
      const inningsId = lotId === null ? undefined : inningsOf.get(lotId)
      return known.has(id) || lotId === null || inningsId === undefined
        ? []
        : [{ ...planting, containerId: id, lotId, inningsId }]
    })
    if (rows.length === 0) return [...known.values()]
    const made = await tx.insert(plantings).values(rows).returning({ id: plantings.id })
    return [...known.values(), ...made.map(({ id }) => id)]
  })
}

/** What grows in these containers already just as it is told now: a request without an id may come twice. */
async function toldBefore(
  db: Database,
  containerIds: readonly number[],
  { cropId, how, count, startedOn, cultivar, movedFromId = null }: NewPlanting,
): Promise<ReadonlyMap<number, number>> {
  const same = (column: Column, value: string | number | null) =>
    value === null ? isNull(column) : eq(column, value)
  const rows = await db
    .select({ id: plantings.id, containerId: plantings.containerId })
    .from(plantings)
    .where(
      and(
        among(plantings.containerId, containerIds),
        isNull(plantings.endedOn),
        eq(plantings.cropId, cropId),
        eq(plantings.how, how),
        eq(plantings.startedOn, startedOn),
        same(plantings.count, count),
        same(plantings.cultivar, cultivar),
        same(plantings.movedFromId, movedFromId),
      ),
    )
  return new Map(rows.map(({ id, containerId }) => [containerId, id]))
}

async function inningsToPlant(
  db: Database,
  lotId: number,
  { cropId, startedOn }: NewPlanting,
): Promise<number> {
  await lockLot(db, lotId)
  const [open] = await db
    .select()
    .from(innings)
    .where(and(eq(innings.lotId, lotId), isNull(innings.endedOn)))
  if (!open) {
    const opened = await openNextInnings(db, lotId, {
      cropId,
      startedOn,
      plantedOn: startedOn,
      predicted: null,
      workOrderId: null,
      readyOn: null,
      litres: null,
    })
    return opened.id
  }
  if (open.plantedOn === null) {
    await db
      .update(innings)
      .set({ cropId, plantedOn: startedOn, version: sql`${innings.version} + 1` })
      .where(eq(innings.id, open.id))
  }
  return open.id
}

export interface PlantingEnd {
  readonly endedOn: string
  readonly growth: number | null
  readonly harvestG: number | null
  readonly endedWhy: WhyEnded
  readonly note: string | null
}

/**
 * Ends a planting with how it did. With the last one of its innings the season of the lot is over: it waits for its next.
 * @throws Conflict where it was ended before, or would end before it began
 */
export async function endPlanting(
  db: Database,
  id: number,
  end: PlantingEnd,
): Promise<{ readonly lotId: number; readonly seasonOver: boolean }> {
  return inTransaction(db, async (tx) => {
    const { lotId, inningsId, startedOn } = await readPlanting(tx, id)
    await lockLot(tx, lotId)
    if (end.endedOn < startedOn) {
      throw new Conflict(`It was planted on ${startedOn}: it cannot end before that.`)
    }
    const ended = await tx
      .update(plantings)
      .set({ ...end, version: sql`${plantings.version} + 1` })
      .where(and(eq(plantings.id, id), isNull(plantings.endedOn)))
      .returning({ id: plantings.id })
    if (ended.length === 0) throw new Conflict('This planting was ended before.')
    return { lotId, seasonOver: await closeInnings(tx, inningsId, end.endedOn) }
  })
}

/** Closes an innings in which nothing grows any more, with how its plantings did. */
async function closeInnings(db: Database, inningsId: number, on: string): Promise<boolean> {
  const all = await db.select().from(plantings).where(eq(plantings.inningsId, inningsId))
  if (all.some(({ endedOn }) => endedOn === null)) return false
  const latest = all.reduce((last, { endedOn }) => (endedOn && endedOn > last ? endedOn : last), on)
  await db
    .update(innings)
    .set({ endedOn: latest, outcome: outcomeOf(all), version: sql`${innings.version} + 1` })
    .where(and(eq(innings.id, inningsId), isNull(innings.endedOn)))
  return true
}

/**
 * Takes the end of a planting back.
 * @throws Conflict where the lot is in another innings by now, or the planting was ended by a turnover
 */
export async function takeEndBack(db: Database, id: number): Promise<void> {
  await inTransaction(db, async (tx) => {
    const { lotId, inningsId, endedOn, endedWhy } = await readPlanting(tx, id)
    await lockLot(tx, lotId)
    if (endedOn === null) return
    if ((await tx.$count(plantings, eq(plantings.movedFromId, id))) > 0) {
      throw new Conflict('These plants go on in another pot: take the move back there.')
    }
    const [last] = await tx
      .select({ id: innings.id })
      .from(innings)
      .where(eq(innings.lotId, lotId))
      .orderBy(desc(innings.number))
      .limit(1)
    const isOver = endedWhy === 'turned over' || endedWhy === 'emptied'
    if (isOver || last?.id !== inningsId) {
      throw new Conflict('Its mix has gone on since: this cannot be taken back.')
    }
    await tx
      .update(plantings)
      .set({ endedOn: null, endedWhy: null, version: sql`${plantings.version} + 1` })
      .where(eq(plantings.id, id))
    await tx
      .update(innings)
      .set({ endedOn: null, outcome: null, version: sql`${innings.version} + 1` })
      .where(eq(innings.id, inningsId))
  })
}

/**
 * Takes plantings out again that were written down by mistake, all or none; an innings that they opened goes with them.
 * @throws Conflict where one was ended
 */
export async function takePlantingsOut(db: Database, ids: readonly number[]): Promise<void> {
  await inTransaction(db, async (tx) => {
    for (const id of ids) {
      const { lotId, inningsId, endedOn } = await readPlanting(tx, id)
      await lockLot(tx, lotId)
      if (endedOn !== null) throw new Conflict('This planting was ended: take its end back first.')
      await tx.delete(plantings).where(eq(plantings.id, id))
      await unplantInnings(tx, inningsId)
    }
  })
}

/** An innings without any planting has not begun, one of which all are over is over; where no turnover made it, it never was. */
async function unplantInnings(db: Database, inningsId: number): Promise<void> {
  const rest = await db.$count(plantings, eq(plantings.inningsId, inningsId))
  if (rest > 0) {
    await closeInnings(db, inningsId, '')
    return
  }
  const [one] = await db.select().from(innings).where(eq(innings.id, inningsId))
  if (one?.workOrderId === null && one.predicted === null) {
    await db.delete(innings).where(eq(innings.id, inningsId))
  } else {
    await db
      .update(innings)
      .set({ plantedOn: null, version: sql`${innings.version} + 1` })
      .where(eq(innings.id, inningsId))
  }
}

/** What still grows in a lot ends with it, by a turnover or an emptied pot. */
export async function endAllIn(
  db: Database,
  lotId: number,
  end: Pick<PlantingEnd, 'endedOn' | 'endedWhy'> & { readonly workOrderId?: number },
): Promise<void> {
  await db
    .update(plantings)
    .set({ ...end, version: sql`${plantings.version} + 1` })
    .where(and(eq(plantings.lotId, lotId), isNull(plantings.endedOn)))
}

/** What a turnover ended grows again: its end was taken back. */
export async function growAgain(db: Database, workOrderId: number): Promise<void> {
  await db
    .update(plantings)
    .set({
      endedOn: null,
      endedWhy: null,
      workOrderId: null,
      version: sql`${plantings.version} + 1`,
    })
    .where(eq(plantings.workOrderId, workOrderId))
}
