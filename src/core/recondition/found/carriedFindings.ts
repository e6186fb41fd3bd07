import { DomainError } from '../../errors'
import { addDays } from '../../units'
import { requireNumber, requireObject } from '../../validate'
import type { Problem } from '../triage'

/** Litres that came into a lot, of any origin. */
export interface LotFlow {
  /** null for new material. */
  readonly fromLotId: number | null
  readonly toLotId: number
  readonly litres: number
  /** ISO day. */
  readonly on: string
  /** That are there once they have come. */
  readonly toLitresAfter: number
}

export interface FindingOfLot {
  readonly id: number
  readonly lotId: number
  readonly problem: Pick<Problem, 'id' | 'kind'>
  /** ISO day. */
  readonly seenOn: string
  /** ISO day from which on it counts: the start of the innings it was seen in. */
  readonly since?: string
  readonly affectedShare?: number
  readonly takenBack?: boolean
}

/** A lot in which a problem was ended, by heat or rest. */
export interface Cleansed {
  readonly lotId: number
  readonly problemId: string
  /** ISO day. */
  readonly on: string
}

/** What a finding on another lot means for this one. */
export interface CarriedFinding {
  readonly findingId: number
  readonly problem: FindingOfLot['problem']
  /** Of the lot that may hold it, 0 to 1; 0 where it is only to be looked for. */
  readonly share: number
  /** Lots that gave it ill litres directly, ascending. */
  readonly viaLotIds: readonly number[]
  /** ISO day it came; where it is to be looked for, the last day litres went to the ill lot. */
  readonly on: string
  /** carried: it came with litres. look: litres of this lot went to where it was found later. */
  readonly certainty: 'carried' | 'look'
}

export interface CarriedInput {
  /** By day; of one day in the order in which they came. */
  readonly flows: readonly LotFlow[]
  readonly findings: readonly FindingOfLot[]
  readonly cleansed: readonly Cleansed[]
  /** ISO day. */
  readonly today: string
}

/** Of what lives a thousandth is enough; of what only lies in it a fiftieth. */
const LEAST_LIVING = 0.001
const LEAST_CONTAMINANT = 0.02
/** So long before it was found it may have been there already. */
const LOOK_BACK_DAYS = 365

/**
 * What findings on other lots mean for one: each is followed through every litre that went from lot to lot since the day it
 * counts from. Living problems and contaminants are carried, conditions never: those are in the numbers of a mix.
 * @returns one row a finding that reaches the lot, in the order of the findings
 * @throws DomainError `bad-argument`, `not-finite` or `out-of-range` for impossible input
 */
export function carriedFindings({
  lotId,
  ...input
}: CarriedInput & { readonly lotId: number }): CarriedFinding[] {
  requireObject('The carried findings', input)
  requireNumber('The lot', lotId)
  return [...(carriedByLot(input).get(lotId) ?? [])]
}

/** The same for all lots that anything reaches: each finding is followed once. */
export function carriedByLot(input: CarriedInput): ReadonlyMap<number, readonly CarriedFinding[]> {
  requireInput(input)
  const { findings, cleansed, today } = input
  const flows = input.flows
    .filter(({ on, litres }) => on <= today && litres > 0)
    .map((flow, at) => ({ flow, at }))
    .sort((a, b) => (a.flow.on < b.flow.on ? -1 : a.flow.on > b.flow.on ? 1 : a.at - b.at))
    .map(({ flow }) => flow)
  const byLot = new Map<number, CarriedFinding[]>()
  for (const finding of findings) {
    const { id, lotId, problem, affectedShare = 1, takenBack = false } = finding
    const since = finding.since ?? finding.seenOn
    const isNone = takenBack || affectedShare === 0 || problem.kind === 'condition'
    if (isNone || since > today) continue
    const reached = follow(
      finding,
      since,
      flows,
      cleansed.filter((one) => one.problemId === problem.id && one.on <= today),
    )
    const rows = new Map<number, CarriedFinding>()
    for (const [giver, on] of giversOf(lotId, since, flows)) {
      rows.set(giver, { findingId: id, problem, share: 0, viaLotIds: [], on, certainty: 'look' })
    }
    for (const [lot, { share, on, via }] of reached) {
      if (lot === lotId || on === null) continue
      const viaLotIds = [...via].sort((a, b) => a - b)
      rows.set(lot, {
        findingId: id,
        problem,
        share: share * affectedShare,
        viaLotIds,
        on,
        certainty: 'carried',
      })
    }
    rows.delete(lotId)
    for (const [lot, row] of rows) byLot.set(lot, [...(byLot.get(lot) ?? []), row])
  }
  return byLot
}

interface Reached {
  share: number
  /** First day on which there is enough of it; null where there is not. */
  on: string | null
  via: Set<number>
}

/** The ill share of every lot that a finding reaches, as it is at the end. */
function follow(
  { lotId, problem }: FindingOfLot,
  since: string,
  flows: readonly LotFlow[],
  cleansed: readonly Cleansed[],
): ReadonlyMap<number, Reached> {
  const least = problem.kind === 'contaminant' ? LEAST_CONTAMINANT : LEAST_LIVING
  const lots = new Map<number, Reached>([[lotId, { share: 1, on: since, via: new Set() }]])
  const ends = [...cleansed].filter(({ on }) => on >= since).sort((a, b) => (a.on < b.on ? -1 : 1))
  let ended = 0
  let isOwnIll = true
  const endUntil = (day: string) => {
    for (let end = ends[ended]; end && end.on <= day; end = ends[++ended]) {
      lots.delete(end.lotId)
      if (end.lotId === lotId) isOwnIll = false
    }
  }
  for (const { fromLotId, toLotId, litres, on, toLitresAfter } of flows) {
    if (on < since) continue
    endUntil(on)
    const from = fromLotId === null ? undefined : lots.get(fromLotId)
    const to = lots.get(toLotId)
    if ((!from && !to) || !(toLitresAfter > 0)) continue
    if (from && from.share > 0 && fromLotId !== null) {
      const next = to ?? { share: 0, on: null, via: new Set() }
      next.via.add(fromLotId)
      lots.set(toLotId, next)
    }
    const reached = lots.get(toLotId)
    if (!reached || (toLotId === lotId && isOwnIll)) continue
    const before = Math.max(0, toLitresAfter - litres)
    reached.share = Math.min(
      1,
      (reached.share * before + (from?.share ?? 0) * litres) / (before + litres),
    )
    if (reached.on === null && reached.share >= least) reached.on = on
  }
  endUntil('9999-12-31')
  // Thinned so far that it no longer counts.
  for (const [lot, one] of lots) if (one.share < least) lots.delete(lot)
  return lots
}

/** Lots whose litres went into the ill one in the year before, with the last day they did. */
function giversOf(lotId: number, since: string, flows: readonly LotFlow[]): Map<number, string> {
  const from = addDays(since, -LOOK_BACK_DAYS)
  const givers = new Map<number, string>()
  for (const flow of flows) {
    if (flow.toLotId !== lotId || flow.fromLotId === null) continue
    if (flow.on >= from && flow.on < since) givers.set(flow.fromLotId, flow.on)
  }
  return givers
}

function requireInput({ flows, findings, cleansed, today }: CarriedInput): void {
  for (const [name, list] of [
    ['flows', flows],
    ['findings', findings],
    ['treatments', cleansed],
  ] as const) {
    if (!Array.isArray(list))
      throw new DomainError('bad-argument', `The ${name} have to be a list.`)
  }
  requireDay('Today', today)
  for (const { litres, toLitresAfter, on } of flows) {
    requireNumber('The litres that came', litres, { min: 0 })
    requireNumber('The litres there after', toLitresAfter, { min: 0 })
    requireDay('The day of a flow', on)
  }
  for (const { problem, seenOn, since, affectedShare = 1 } of findings) {
    requireObject('The problem', problem)
    requireDay('The day it was seen', seenOn)
    if (since !== undefined) requireDay('The day it counts from', since)
    requireNumber('The share affected', affectedShare, { min: 0, max: 1 })
  }
  for (const { on } of cleansed) requireDay('The day it was ended', on)
}

function requireDay(name: string, day: unknown): void {
  if (typeof day !== 'string') throw new DomainError('bad-argument', `${name} has to be a day.`)
  addDays(day, 0)
}
