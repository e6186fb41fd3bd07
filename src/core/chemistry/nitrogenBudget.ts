import { requireNumber } from '../validate'
import { type Flows, type NitrogenBudgetInput, nitrogenFlows, sumOf } from './nitrogenFlows'
import type { Crop } from './tables'

const NEVER_FED_BELOW_MG_PER_L = 20
const SHORT_BELOW_SHARE = 0.9
const RELEASE_UNCERTAINTY = 0.3

export interface NitrogenWeek {
  readonly week: number
  readonly fed: number
  readonly released: number
  readonly immobilisable: number
  readonly immobilised: number
  readonly net: number
  readonly demand: number
  readonly uptake: number
  readonly leached: number
  readonly pool: number
}

/** All amounts in mg N per L of mix. */
export interface NitrogenBudget {
  readonly weeks: readonly NitrogenWeek[]
  /** Share of the crop's demand that is met; 1 where there is none. */
  readonly coverage: number
  /** The same with all release × 0.7 and × 1.3. */
  readonly coverageRange: readonly [number, number]
  readonly firstShortWeek: number | null
  readonly initialMgPerL: number
  readonly leachPerWeek: number
  readonly releasedMgPerL: number
  readonly immobilisedMgPerL: number
  readonly demandMgPerL: number
  readonly uptakeMgPerL: number
  readonly leachedMgPerL: number
  readonly missingMgPerL: number
  readonly leftMgPerL: number
}

/** Below a season demand of 20 mg/L a crop is never fed. */
export function isNeverFed(crop: Crop): boolean {
  return crop.nSeasonMgPerL < NEVER_FED_BELOW_MG_PER_L
}

/**
 * What a mix gives and a crop takes, week by week (Handreck & Black 2010; immobilisation from microbial
 * efficiency 0.4 and microbial C:N 10). Each week: woody carbon takes first, then the crop, then water.
 * @throws DomainError for impossible parts, doses, weeks or temperatures
 */
export function nitrogenBudget(input: NitrogenBudgetInput): NitrogenBudget {
  const { crop, leachPerWeek = 0.05 } = input
  const { flows, initialMgPerL } = nitrogenFlows(input)
  return summarised(flows, initialMgPerL, leachPerWeek, isNeverFed(crop))
}

/**
 * The coverage of the same budget with every source setting free more or less than its table says.
 * @returns for factors by the id of a material or amendment, the share of the demand that is met
 */
export function coverageWithRelease(
  input: NitrogenBudgetInput,
): (factorOf: (sourceId: string) => number) => number {
  const { flows, initialMgPerL, bySource } = nitrogenFlows(input)
  const { leachPerWeek = 0.05 } = input
  return (factorOf) => {
    const total = sumOf(
      bySource.map(({ id, byEnd }) => ({ id, byEnd: byEnd.map((mg) => factorOf(id) * mg) })),
      flows.demand.length,
    )
    const released = total.map((mg, week) => mg - (total[week - 1] ?? 0))
    return coverageOf(runWeeks({ ...flows, released }, initialMgPerL, leachPerWeek, 1))
  }
}

/**
 * A budget run again with more fed, mg N per L of mix for each week.
 * @throws DomainError where a week's feed is below 0
 */
export function refeed(budget: NitrogenBudget, moreMgPerL: readonly number[]): NitrogenBudget {
  const weekly = (field: 'released' | 'immobilisable' | 'demand') =>
    budget.weeks.map((week) => week[field])
  const flows: Flows = {
    released: weekly('released'),
    immobilisable: weekly('immobilisable'),
    demand: weekly('demand'),
    fed: budget.weeks.map(
      ({ fed }, week) => fed + requireNumber('The feed in mg/L', moreMgPerL[week] ?? 0, { min: 0 }),
    ),
  }
  // More feed makes no week short that was not.
  const neverShort = budget.firstShortWeek === null
  return summarised(flows, budget.initialMgPerL, budget.leachPerWeek, neverShort)
}

function summarised(
  flows: Flows,
  initialMgPerL: number,
  leachPerWeek: number,
  neverShort: boolean,
): NitrogenBudget {
  const run = (factor: number) => runWeeks(flows, initialMgPerL, leachPerWeek, factor)
  const rows = run(1)
  const total = (field: keyof NitrogenWeek) => rows.reduce((sum, row) => sum + row[field], 0)
  const uptake = total('uptake')
  const demand = total('demand')
  const short = rows.find((row) => row.uptake < SHORT_BELOW_SHARE * row.demand)
  return {
    weeks: rows,
    coverage: coverageOf(rows),
    coverageRange: [
      coverageOf(run(1 - RELEASE_UNCERTAINTY)),
      coverageOf(run(1 + RELEASE_UNCERTAINTY)),
    ],
    firstShortWeek: neverShort ? null : (short?.week ?? null),
    initialMgPerL,
    leachPerWeek,
    releasedMgPerL: total('released'),
    immobilisedMgPerL: total('immobilised'),
    demandMgPerL: demand,
    uptakeMgPerL: uptake,
    leachedMgPerL: total('leached'),
    missingMgPerL: demand - uptake,
    leftMgPerL: rows[rows.length - 1]?.pool ?? 0,
  }
}

function runWeeks(
  flows: Flows,
  initial: number,
  leachPerWeek: number,
  releaseFactor: number,
): NitrogenWeek[] {
  let pool = initial
  return flows.fed.map((fed, index) => {
    const released = releaseFactor * (flows.released[index] as number)
    const immobilisable = flows.immobilisable[index] as number
    const demand = flows.demand[index] as number
    const available = pool + released + fed
    const immobilised = Math.min(immobilisable, available)
    const uptake = Math.min(available - immobilised, demand)
    const rest = available - immobilised - uptake
    const leached = leachPerWeek * rest
    pool = rest - leached
    return {
      week: index + 1,
      fed,
      released,
      immobilisable,
      immobilised,
      net: released - immobilised,
      demand,
      uptake,
      leached,
      pool,
    }
  })
}

function coverageOf(rows: readonly NitrogenWeek[]): number {
  const demand = rows.reduce((sum, row) => sum + row.demand, 0)
  return demand > 0 ? rows.reduce((sum, row) => sum + row.uptake, 0) / demand : 1
}
