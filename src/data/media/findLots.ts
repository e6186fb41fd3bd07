import { and, asc, count, eq, gt, inArray, isNull, type SQL, sql } from 'drizzle-orm'
import type { LotState } from '../../core/media'
import { among } from '../among'
import { containers, places } from '../containers/tables'
import type { Database } from '../database'
import { naturally } from '../naturally'
import { workOrders } from '../recondition/tables'
import { likeWord, wordsOf } from '../words'
import { lotPlaces, lots } from './lotTables'
import { lotSummaries } from './workedOutTables'

export type LotOrder = 'number' | 'name' | 'litres' | 'innings' | 'air' | 'ph'

/** What a list of lots is asked for. */
export interface LotsAsked {
  /** Words that must all be found in a lot's name, bin, places or pots. */
  readonly find?: string
  /** Lots that stand at exactly this place. */
  readonly place?: string | null
  /** Lots in one of these states; all where it is left out. */
  readonly states?: readonly LotState[]
  /** Only these; all where it is left out. */
  readonly ids?: readonly number[]
  readonly order?: LotOrder
  readonly descending?: boolean
  readonly offset: number
  readonly limit: number
}

export interface LotsFound {
  /** Of the page asked for, in order. */
  readonly ids: readonly number[]
  /** How many fit in all, and what they hold. */
  readonly total: number
  readonly inPotsLitres: number
  readonly inStoreLitres: number
  readonly litreInnings: number
}

const worked = sql<boolean>`exists (select 1 from ${workOrders} where ${workOrders.lotId} = ${lots.id} and ${workOrders.state} = 'open')`

function isAsked(asked: LotsAsked): SQL | undefined {
  return and(
    isNull(lots.putAwayAt),
    ...wordsOf(asked.find ?? '').map(holdsWord),
    asked.place ? standsAt(asked.place) : undefined,
    asked.states ? isInState(asked.states) : undefined,
    asked.ids ? among(lots.id, asked.ids) : undefined,
  )
}

/** A page of the lots that were not put away, without the sums over all of them, which take twice as long. */
export async function findLotIds(db: Database, asked: LotsAsked): Promise<readonly number[]> {
  const by = {
    number: lots.id,
    name: naturally(lots.name),
    litres: lotSummaries.litres,
    innings: lotSummaries.inningsCount,
    air: lotSummaries.airFraction,
    ph: lotSummaries.ph,
  }[asked.order ?? 'number']
  const turn = asked.descending ? sql`${by} desc nulls last` : sql`${by} asc nulls last`
  const rows = await db
    .select({ id: lots.id })
    .from(lots)
    .leftJoin(lotSummaries, eq(lotSummaries.lotId, lots.id))
    .where(isAsked(asked))
    .orderBy(turn, asc(lots.id))
    .limit(asked.limit)
    .offset(asked.offset)
  return rows.map(({ id }) => id)
}

/** The same, and how many fit in all. */
export async function findLotPage(
  db: Database,
  asked: LotsAsked,
): Promise<Pick<LotsFound, 'ids' | 'total'>> {
  const ids = await findLotIds(db, asked)
  const [found] = await db
    .select({ total: count() })
    .from(lots)
    .leftJoin(lotSummaries, eq(lotSummaries.lotId, lots.id))
    .where(isAsked(asked))
  return { ids, total: found?.total ?? 0 }
}

/** The same, and what they all hold. */
export async function findLots(db: Database, asked: LotsAsked): Promise<LotsFound> {
  const ids = await findLotIds(db, asked)
  const sum = (what: SQL) => sql<number>`coalesce(sum(${what}), 0)`.mapWith(Number)
  const litres = lotSummaries.litres
  const [sums] = await db
    .select({
      total: sql<number>`count(*)`.mapWith(Number),
      inPotsLitres: sum(sql`case when ${lotSummaries.isInPots} then ${litres} end`),
      inStoreLitres: sum(sql`case when not ${lotSummaries.isInPots} then ${litres} end`),
      litreInnings: sum(sql`${lotSummaries.litreInnings}`),
    })
    .from(lots)
    .leftJoin(lotSummaries, eq(lotSummaries.lotId, lots.id))
    .where(isAsked(asked))
  const { total = 0, inPotsLitres = 0, inStoreLitres = 0, litreInnings = 0 } = sums ?? {}
  return { ids, total, inPotsLitres, inStoreLitres, litreInnings }
}

export interface LotName {
  readonly id: number
  readonly name: string
}

/** Lots whose name or number holds all words, those whose name begins with the first of them before the others. */
export async function findLotNames(
  db: Database,
  find: string,
  limit: number,
  { withContents = false }: { readonly withContents?: boolean } = {},
): Promise<{ readonly rows: readonly LotName[]; readonly total: number }> {
  const words = wordsOf(find)
  const [first] = words
  const condition = and(
    isNull(lots.putAwayAt),
    withContents ? gt(lotSummaries.litres, 0) : undefined,
    ...words.map(isNamed),
  )
  const rows = await db
    .select({ id: lots.id, name: lots.name })
    .from(lots)
    .leftJoin(lotSummaries, eq(lotSummaries.lotId, lots.id))
    .where(condition)
    .orderBy(
      ...(first ? [sql`lower(${lots.name}) not like ${`${likeWord(first).slice(1)}`}`] : []),
      asc(lots.id),
    )
    .limit(limit)
  const [count] = await db
    .select({ total: sql<number>`count(*)`.mapWith(Number) })
    .from(lots)
    .leftJoin(lotSummaries, eq(lotSummaries.lotId, lots.id))
    .where(condition)
  return { rows, total: count?.total ?? 0 }
}

function isNamed(word: string): SQL {
  return sql`(lower(${lots.name}) like ${likeWord(word)} or ${lots.id}::text = ${word})`
}

export async function readLotNames(
  db: Database,
  ids: readonly number[],
): Promise<ReadonlyMap<number, string>> {
  if (ids.length === 0) return new Map()
  const rows = await db
    .select({ id: lots.id, name: lots.name })
    .from(lots)
    .where(among(lots.id, ids))
  return new Map(rows.map(({ id, name }) => [id, name]))
}

/** Lots that were not put away, with the litres that are left of each, in the order asked for. */
export async function readLotStocks(
  db: Database,
  ids: readonly number[],
): Promise<(LotName & { readonly litres: number })[]> {
  if (ids.length === 0) return []
  const rows = await db
    .select({ id: lots.id, name: lots.name, litres: lotSummaries.litres })
    .from(lots)
    .innerJoin(lotSummaries, eq(lotSummaries.lotId, lots.id))
    .where(and(among(lots.id, ids), isNull(lots.putAwayAt)))
  const byId = new Map(rows.map((row) => [row.id, row]))
  return ids.flatMap((id) => byId.get(id) ?? [])
}

/** Names of lots, those that were put away too. */
export async function readLotNamesEver(
  db: Database,
  ids: readonly number[],
): Promise<
  ReadonlyMap<number, { readonly lotId: number; readonly name: string; readonly isAway: boolean }>
> {
  if (ids.length === 0) return new Map()
  const rows = await db
    .select({ id: lots.id, name: lots.name, putAwayAt: lots.putAwayAt })
    .from(lots)
    .where(among(lots.id, new Set(ids)))
  return new Map(
    rows.map(({ id, name, putAwayAt }) => [id, { lotId: id, name, isAway: putAwayAt !== null }]),
  )
}

function holdsWord(word: string): SQL {
  const like = likeWord(word)
  const inAPot = sql`exists (select 1 from ${lotPlaces} join ${containers} on ${containers.id} = ${lotPlaces.containerId} join ${places} on ${places.id} = ${containers.placeId} where ${lotPlaces.lotId} = ${lots.id} and (lower(${places.name}) like ${like} or lower(${containers.code}) like ${like} or lower(${containers.name}) like ${like}))`
  return sql`(lower(${lots.name}) like ${like} or lower(coalesce(${lots.storeBin}, '')) like ${like} or ${lots.id}::text = ${word} or ${inAPot})`
}

function standsAt(place: string): SQL {
  const inAPot = sql`exists (select 1 from ${lotPlaces} join ${containers} on ${containers.id} = ${lotPlaces.containerId} join ${places} on ${places.id} = ${containers.placeId} where ${lotPlaces.lotId} = ${lots.id} and ${places.name} = ${place})`
  return sql`(${inAPot} or (not ${lotSummaries.isInPots} and ${eq(lots.storeBin, place)}))`
}

function isInState(states: readonly LotState[]): SQL {
  const resting = states.filter((state) => state !== 'working')
  const inOneOf =
    resting.length > 0
      ? sql`(not ${worked} and ${inArray(lotSummaries.state, resting)})`
      : sql`false`
  return states.includes('working') ? sql`(${worked} or ${inOneOf})` : inOneOf
}
