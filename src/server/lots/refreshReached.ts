import { findingsOf } from '../../core/bench'
import { carriedByLot, type FindingOfLot, type LotFlow } from '../../core/recondition'
import { addDays } from '../../core/units'
import { listTestsSinceMixing, type ToldTest } from '../../data/bench'
import type { Database } from '../../data/database'
import {
  type CarryRow,
  carriedStamp,
  carryingFindings,
  inningsStarts,
  lotEdges,
  lotsWithTellingTests,
  namesOfLots,
  type ReachedBy,
  reachedStamp,
  restsOf,
  standingEntries,
  writeReached,
} from '../../data/media'
import { dayAt } from '../clock'
import { cleansedOf, type Dated, type Entry, isKeptOn } from './cleansedOf'

/** A root ball brings so much of what is in its new pot, where nobody measured it; our own estimate. */
const BALL_SHARE = 0.2

interface Edge {
  readonly from: number
  readonly to: number
  readonly on: string
  readonly isBall: boolean
}

/**
 * Follows what was found in any lot through all litres that went on, and writes down which lots it reaches: part of the
 * transaction that changed a ledger, a finding or a treatment. Nothing is done where none of them did.
 * @returns the lots for which something changed
 */
export async function refreshReached(db: Database, tables: Dated): Promise<number[]> {
  const stamp = `${await carriedStamp(db)} ${tables.today}`
  if (stamp === (await reachedStamp(db))) return []
  return writeReached(db, await reachedNow(db, tables), stamp)
}

async function reachedNow(
  db: Database,
  tables: Dated,
): Promise<ReadonlyMap<number, readonly ReachedBy[]>> {
  const tests = await listTestsSinceMixing(db, await lotsWithTellingTests(db))
  const names = await namesOfLots(
    db,
    tests.map(({ lotId }) => lotId),
  )
  const rows = [
    ...(await carryingFindings(db)),
    ...tests.flatMap((one) => toldBy(one, names.get(one.lotId) ?? '', tables)),
  ]
  if (rows.length === 0) return new Map()
  const edges = (await lotEdges(db)).map(
    ({ from, to, at, on }): Edge => ({
      from,
      to,
      on: on ?? (at ? dayAt(tables.timeZone, at) : tables.today),
      isBall: on !== null,
    }),
  )
  const ids = [...withAllReached(new Set(rows.map(({ lotId }) => lotId)), edges)]
  const entries = (await standingEntries(db, ids)).map((entry) => ({
    ...entry,
    on: dayAt(tables.timeZone, entry.at),
  }))
  const flows = flowsOf(entries, edges)
  const starts = await inningsStarts(db, ids)
  const originals = firstOfEach(rows)
  const findings = originals.flatMap((row): FindingOfLot[] => {
    const problem = tables.problems.get(row.problemId)
    if (!problem) return []
    const seenOn = dayAt(tables.timeZone, row.at)
    return [
      {
        id: row.id,
        lotId: row.lotId,
        problem,
        seenOn,
        since: sinceOf(row.lotId, seenOn, starts, flows),
        takenBack: row.endedAt !== null && !row.isDealtWith && !isKeptOn(row, rows),
      },
    ]
  })
  const rests = await restsOf(db, ids)
  const cleansed = cleansedOf({ rows, originals, rests, tests, entries }, tables)
  const byId = new Map(originals.map((row) => [row.id, row]))
  const carried = carriedByLot({
    flows,
    findings,
    cleansed,
    today: tables.today,
  })
  return new Map(
    [...carried].map(([lotId, found]) => [
      lotId,
      found.flatMap(({ problem, ...one }): ReachedBy[] => {
        const row = byId.get(one.findingId)
        if (!row) return []
        const { season, rotationGroup, families } = row
        return [
          {
            ...one,
            problemId: problem.id,
            fromLotId: row.lotId,
            fromName: row.lotName,
            season,
            rotationGroup,
            families,
          },
        ]
      }),
    ]),
  )
}

/** What a test of the bench told, as if somebody had seen it; below 0 so that ids stay apart. */
function toldBy(
  { id, lotId, startedAt, observation, outcome }: ToldTest,
  lotName: string,
  tables: Dated,
): CarryRow[] {
  return findingsOf(observation, outcome).flatMap(
    ({ problemId, state, families = [] }): CarryRow[] => {
      const problem = problemId === null ? undefined : tables.problems.get(problemId)
      if (!problem || problem.kind === 'condition' || state !== 'trouble') return []
      const season = Number(dayAt(tables.timeZone, startedAt).slice(0, 4))
      const finding = {
        id: -id,
        lotId,
        lotName,
        problemId: problem.id,
        at: startedAt,
        season,
        families,
      }
      return [{ ...finding, rotationGroup: null, endedAt: null, isDealtWith: false }]
    },
  )
}

/** Those lots and all that ever got litres of theirs, however far on. */
function withAllReached(ids: ReadonlySet<number>, edges: readonly Edge[]): ReadonlySet<number> {
  const onward = new Map<number, number[]>()
  for (const { from, to } of edges) onward.set(from, [...(onward.get(from) ?? []), to])
  const reached = new Set(ids)
  const open = [...ids]
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    for (const next of onward.get(id) ?? []) {
      if (reached.has(next)) continue
      reached.add(next)
      open.push(next)
    }
  }
  return reached
}

function flowsOf(entries: readonly Entry[], edges: readonly Edge[]): LotFlow[] {
  const there = new Map<number, number>()
  const flows = entries.flatMap(({ lotId, otherLotId, kind, litres, on }): LotFlow[] => {
    const after = Math.max(0, (there.get(lotId) ?? 0) + litres)
    there.set(lotId, after)
    if (!(litres > 0) || kind === 'recounted') return []
    return [
      { fromLotId: otherLotId, toLotId: lotId, litres, on, toLitresAfter: Math.max(after, litres) },
    ]
  })
  const balls = edges
    .filter(
      ({ isBall, from, to, on }) =>
        isBall &&
        !flows.some((flow) => flow.fromLotId === from && flow.toLotId === to && flow.on === on),
    )
    .map(
      ({ from, to, on }): LotFlow => ({
        fromLotId: from,
        toLotId: to,
        litres: BALL_SHARE,
        on,
        toLitresAfter: 1,
      }),
    )
  return [...flows, ...balls].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
}

/** What was copied along when lots were united is the same finding: the first row of it counts. */
function firstOfEach(rows: readonly CarryRow[]): CarryRow[] {
  const first = new Map<string, CarryRow>()
  for (const row of rows) {
    const key = `${row.problemId} ${row.at.getTime()}`
    if (!first.has(key)) first.set(key, row)
  }
  return [...first.values()]
}

/**
 * The start of the innings it was seen in. Where the mix came on that very day it was in it from the day after: what it
 * came from was not ill by that.
 */
function sinceOf(
  lotId: number,
  seenOn: string,
  starts: Awaited<ReturnType<typeof inningsStarts>>,
  flows: readonly LotFlow[],
): string {
  const start = starts.findLast((one) => one.lotId === lotId && one.startedOn <= seenOn)?.startedOn
  if (!start) return seenOn
  const came = flows.some(({ toLotId, on }) => toLotId === lotId && on === start)
  return came && start < seenOn ? addDays(start, 1) : start
}
