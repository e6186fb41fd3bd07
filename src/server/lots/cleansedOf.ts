import { findingsOf } from '../../core/bench'
import type { Cleansed } from '../../core/recondition'
import { addMonths } from '../../core/units'
import type { ToldTest } from '../../data/bench'
import type { CarryRow, restsOf, standingEntries } from '../../data/media'
import { dayAt } from '../clock'
import type { Tables } from './lotFacts'

export type Dated = Pick<Tables, 'timeZone' | 'today' | 'problems'>
export type Entry = Awaited<ReturnType<typeof standingEntries>>[number] & { readonly on: string }
type Rest = Awaited<ReturnType<typeof restsOf>>[number]

/** Where and when a problem ended in a lot: dealt with, rested, heated or worked out, each day once. */
export function cleansedOf(
  {
    rows,
    originals,
    rests,
    tests,
    entries,
  }: {
    readonly rows: readonly CarryRow[]
    readonly originals: readonly CarryRow[]
    readonly rests: readonly Rest[]
    readonly tests: readonly ToldTest[]
    readonly entries: readonly Entry[]
  },
  tables: Dated,
): Cleansed[] {
  return onlyOnce([
    ...rows.flatMap((row) => dealtWith(row, rows, tables)),
    ...originals.flatMap(({ problemId }) => [
      ...restedOut(problemId, rests, tables),
      ...heatedOut(problemId, tests, tables),
      ...workedOut(problemId, entries, tables),
    ]),
  ])
}

/** Written down once more for the mix that came of it: neither taken back nor dealt with. */
export function isKeptOn(row: CarryRow, rows: readonly CarryRow[]): boolean {
  return rows.some(
    (other) =>
      other.id !== row.id &&
      other.lotId === row.lotId &&
      other.problemId === row.problemId &&
      other.at.getTime() === row.at.getTime() &&
      other.endedAt === null,
  )
}

function dealtWith(row: CarryRow, rows: readonly CarryRow[], { timeZone }: Dated): Cleansed[] {
  if (row.endedAt === null || !row.isDealtWith || isKeptOn(row, rows)) return []
  return [{ lotId: row.lotId, problemId: row.problemId, on: dayAt(timeZone, row.endedAt) }]
}

/** Rested as long as it survives. */
function restedOut(
  problemId: string,
  rests: readonly Rest[],
  { problems, timeZone, today }: Dated,
): Cleansed[] {
  const problem = problems.get(problemId)
  if (!problem || problem.kind === 'contaminant') return []
  const months = problem.restMonths ?? Math.max(1, problem.survivalMonths ?? 1)
  return rests.flatMap(({ lotId, at, endedAt }) => {
    const on = addMonths(dayAt(timeZone, at), months)
    const isOver = on <= today && (endedAt === null || on <= dayAt(timeZone, endedAt))
    return isOver ? [{ lotId, problemId, on }] : []
  })
}

/** Heated by the record of the bench as long as it takes. */
function heatedOut(
  problemId: string,
  tests: readonly ToldTest[],
  { problems, timeZone }: Dated,
): Cleansed[] {
  const problem = problems.get(problemId)
  const { heatC, heatMinutes } = problem ?? {}
  if (heatC == null || heatMinutes == null) return []
  const name = heatC <= 60 ? 'minutesAt60' : heatC <= 71 ? 'minutesAt71' : 'minutesAt82'
  return tests.flatMap(({ lotId, startedAt, observation, outcome }) =>
    findingsOf(observation, outcome).some(
      ({ kind, numbers }) => kind === 'heat' && (numbers[name] ?? 0) >= heatMinutes,
    )
      ? [{ lotId, problemId, on: dayAt(timeZone, startedAt) }]
      : [],
  )
}

/** What leaves with debris or the top does so at a turnover. */
function workedOut(problemId: string, entries: readonly Entry[], { problems }: Dated): Cleansed[] {
  const problem = problems.get(problemId)
  const leaves =
    problem?.kind !== 'contaminant' && ['clean-debris', 'skim-top'].includes(problem?.action ?? '')
  if (!leaves) return []
  return entries.flatMap(({ lotId, workOrderId, on }) =>
    workOrderId === null ? [] : [{ lotId, problemId, on }],
  )
}

function onlyOnce(cleansed: readonly Cleansed[]): Cleansed[] {
  return [
    ...new Map(cleansed.map((one) => [`${one.lotId} ${one.problemId} ${one.on}`, one])).values(),
  ]
}
