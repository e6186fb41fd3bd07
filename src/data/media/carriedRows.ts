import { and, asc, eq, isNotNull, isNull, ne, sql } from 'drizzle-orm'
import { among } from '../among'
import { benchTests } from '../bench/benchTables'
import type { Database } from '../database'
import { plantings } from '../season/plantingTables'
import { problems } from '../season/tables'
import { innings, ledgerEntries, lotFindings, lots, lotTreatments } from './lotTables'

/** Something that was found in a lot and may go on with its litres, whether or not it is dealt with by now. */
export interface CarryRow {
  readonly id: number
  readonly lotId: number
  readonly lotName: string
  readonly problemId: string
  readonly at: Date
  readonly season: number
  readonly rotationGroup: string | null
  readonly families: readonly string[]
  readonly endedAt: Date | null
  /** Ended by a turnover, not taken back as never there. */
  readonly isDealtWith: boolean
}

/** What changes with everything that carried findings hang on. */
export async function carriedStamp(db: Database): Promise<string> {
  const { rows } = await db.execute<{ stamp: string }>(sql`
    select concat_ws(' ',
      (select max(id) from ${ledgerEntries}),
      (select concat(max(id), ' ', count(*), ' ', count(ended_at), ' ', max(ended_at)) from ${lotFindings}),
      (select concat(max(id), ' ', count(ended_at), ' ', count(taken_back_at)) from ${lotTreatments}),
      (select concat(max(id), ' ', count(ended_at), ' ', count(thrown_away_at)) from ${benchTests} where lot_id is not null and kind in ('seedling', 'weeds', 'heat')),
      (select concat(max(id), ' ', count(*)) from ${plantings} where moved_from_id is not null)
    ) as stamp`)
  return rows[0]?.stamp ?? ''
}

/** What people saw and what was kept of tests, of all lots: what lives in mix or lies in it, no conditions. */
export async function carryingFindings(db: Database): Promise<CarryRow[]> {
  const rows = await db
    .select({
      id: lotFindings.id,
      lotId: lotFindings.lotId,
      lotName: lots.name,
      problemId: lotFindings.problemId,
      at: lotFindings.at,
      season: lotFindings.season,
      rotationGroup: lotFindings.rotationGroup,
      families: lotFindings.families,
      endedAt: lotFindings.endedAt,
      isDealtWith: sql<boolean>`exists (select 1 from ledger_entries l where l.lot_id = ${lotFindings.lotId} and l.at = ${lotFindings.endedAt} and l.work_order_id is not null)`,
    })
    .from(lotFindings)
    .innerJoin(problems, eq(problems.id, lotFindings.problemId))
    .innerJoin(lots, eq(lots.id, lotFindings.lotId))
    .where(and(ne(problems.kind, 'condition'), ne(lotFindings.state, 'clear')))
    .orderBy(asc(lotFindings.id))
  return rows.flatMap(({ problemId, ...row }) =>
    problemId === null ? [] : [{ ...row, problemId }],
  )
}

/** Lots with finished tests that may tell of something that goes on, or ended it. */
export async function lotsWithTellingTests(db: Database): Promise<number[]> {
  const rows = await db
    .selectDistinctOn([benchTests.lotId], { lotId: benchTests.lotId })
    .from(benchTests)
    .where(
      and(
        isNotNull(benchTests.lotId),
        isNotNull(benchTests.endedAt),
        isNull(benchTests.thrownAwayAt),
        sql`${benchTests.kind} in ('seedling', 'weeds', 'heat')`,
      ),
    )
  return rows.flatMap(({ lotId }) => lotId ?? [])
}

/** Where litres, or plants with their balls, went from one lot to another; none that was taken back. */
export async function lotEdges(db: Database): Promise<
  readonly {
    readonly from: number
    readonly to: number
    readonly at: Date | null
    readonly on: string | null
  }[]
> {
  const went = await db
    .select({ from: ledgerEntries.otherLotId, to: ledgerEntries.lotId, at: ledgerEntries.at })
    .from(ledgerEntries)
    .where(and(isNotNull(ledgerEntries.otherLotId), sql`${ledgerEntries.litres} > 0`, stands))
  const moved = await db.execute<{ from: number; to: number; on: string }>(sql`
    select before.lot_id as "from", after.lot_id as "to", after.started_on::text as "on"
    from plantings after join plantings before on before.id = after.moved_from_id
    where before.lot_id is not null and after.lot_id is not null and before.lot_id <> after.lot_id`)
  return [
    ...went.flatMap(({ from, ...row }) => (from === null ? [] : [{ ...row, from, on: null }])),
    ...moved.rows.map((row) => ({ ...row, at: null })),
  ]
}

/** An entry that was not taken back, and takes none back. */
const stands = sql`${ledgerEntries.reversesId} is null and not exists (select 1 from ledger_entries r where r.reverses_id = ${ledgerEntries.id})`

/** What came into these lots and left them, oldest first; nothing that was taken back. */
export async function standingEntries(db: Database, lotIds: readonly number[]) {
  if (lotIds.length === 0) return []
  return db
    .select({
      lotId: ledgerEntries.lotId,
      otherLotId: ledgerEntries.otherLotId,
      kind: ledgerEntries.kind,
      litres: ledgerEntries.litres,
      at: ledgerEntries.at,
      workOrderId: ledgerEntries.workOrderId,
    })
    .from(ledgerEntries)
    .where(and(among(ledgerEntries.lotId, lotIds), stands))
    .orderBy(asc(ledgerEntries.at), asc(ledgerEntries.id))
}

/** When the innings of these lots began, oldest first. */
export async function inningsStarts(db: Database, lotIds: readonly number[]) {
  if (lotIds.length === 0) return []
  return db
    .select({ lotId: innings.lotId, startedOn: innings.startedOn })
    .from(innings)
    .where(among(innings.lotId, lotIds))
    .orderBy(asc(innings.startedOn))
}

/** Rests of these lots that were not taken back. */
export async function restsOf(db: Database, lotIds: readonly number[]) {
  if (lotIds.length === 0) return []
  return db
    .select({ lotId: lotTreatments.lotId, at: lotTreatments.at, endedAt: lotTreatments.endedAt })
    .from(lotTreatments)
    .where(
      and(
        among(lotTreatments.lotId, lotIds),
        eq(lotTreatments.kind, 'rest'),
        isNull(lotTreatments.takenBackAt),
      ),
    )
}

export async function namesOfLots(
  db: Database,
  lotIds: readonly number[],
): Promise<ReadonlyMap<number, string>> {
  if (lotIds.length === 0) return new Map()
  const rows = await db
    .select({ id: lots.id, name: lots.name })
    .from(lots)
    .where(among(lots.id, lotIds))
  return new Map(rows.map(({ id, name }) => [id, name]))
}
