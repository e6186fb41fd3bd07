import { type Component, componentShares, type Share } from '../media'
import { requireNumber, requireObject, requireWhole } from '../validate'
import { resolveYield } from './blendPh'
import { nitrogenSupply } from './nitrogenSupply'
import { q10Of, warmDays } from './release'
import type { Crop, Dose } from './tables'

/** Half-time of nitrogen release from composts and other components at 20 °C, days. */
const COMPONENT_RELEASE_DAYS50 = 60
/** Above this carbon to nitrogen ratio decomposing matter takes nitrogen up. */
const IMMOBILISING_C_TO_N = 25
const CARBON_SHARE = 0.48
/** Microbial efficiency 0.4 over microbial C:N 10. */
const N_PER_CARBON = 0.04
const LONGEST_SEASON_WEEKS = 40
const LONG_LIVED_SPAN_WEEKS = 30
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

export interface NitrogenBudgetInput {
  readonly components: readonly Component[]
  readonly volumeYield?: number | undefined
  readonly amendments?: readonly Dose[]
  readonly crop: Crop
  readonly weeks?: number | undefined
  readonly weeklyMeanTempC?: number | readonly number[] | undefined
  readonly initialMgPerL?: number | undefined
  readonly leachPerWeek?: number | undefined
  readonly feedMgPerL?: number | readonly number[] | undefined
}

/** Weeks over which a crop takes up its season's nitrogen. */
export function nitrogenSpanWeeks(crop: Crop): number {
  return crop.weeksInPot <= LONGEST_SEASON_WEEKS ? crop.weeksInPot : LONG_LIVED_SPAN_WEEKS
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

function nitrogenFlows(input: NitrogenBudgetInput) {
  const { crop, leachPerWeek = 0.05, feedMgPerL = 0, amendments = [] } = input
  requireObject('The crop', crop)
  const weeks = requireWhole('The weeks', input.weeks ?? Math.ceil(nitrogenSpanWeeks(crop)), {
    min: 1,
    max: 104,
  })
  requireNumber('The share leached per week', leachPerWeek, { min: 0, max: 1 })
  const weeklyMeanTempC = input.weeklyMeanTempC ?? 20
  const shares = componentShares(input.components)
  const yieldOfMix = resolveYield(shares, input.volumeYield)
  const starter =
    shares.reduce((sum, { material, share }) => sum + share * (material.starterNMgPerL ?? 0), 0) /
    yieldOfMix
  const initialMgPerL = requireNumber('The nitrogen at the start', input.initialMgPerL ?? starter, {
    min: 0,
  })

  const bySource = releaseBySource(shares, yieldOfMix, amendments, weeks, weeklyMeanTempC)
  const byWeek = (byEnd: readonly number[]) =>
    byEnd.map((sofar, week) => sofar - (byEnd[week - 1] ?? 0))
  const flows: Flows = {
    released: byWeek(sumOf(bySource, weeks)),
    immobilisable: byWeek(cumulativeImmobilisable(shares, yieldOfMix, weeks, weeklyMeanTempC)),
    demand: byWeek(cumulativeDemand(crop, weeks)),
    fed: Array.from({ length: weeks }, (_, week) =>
      requireNumber(
        'The feed in mg/L',
        typeof feedMgPerL === 'number' ? feedMgPerL : (feedMgPerL[week] ?? 0),
        { min: 0 },
      ),
    ),
  }
  return { flows, initialMgPerL, bySource }
}

/**
 * A budget run again with more fed, mg N per L of mix for each week.
 * @throws DomainError where a week's feed is below 0
 */
export function refeed(budget: NitrogenBudget, moreMgPerL: readonly number[]): NitrogenBudget {
  const of = (field: 'released' | 'immobilisable' | 'demand') =>
    budget.weeks.map((week) => week[field])
  const flows: Flows = {
    released: of('released'),
    immobilisable: of('immobilisable'),
    demand: of('demand'),
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

/** mg N per L of mix in each week. */
interface Flows {
  readonly released: readonly number[]
  readonly immobilisable: readonly number[]
  readonly demand: readonly number[]
  readonly fed: readonly number[]
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

interface SourceRelease {
  readonly id: string
  /** mg N per L of mix by the end of each week. */
  readonly byEnd: readonly number[]
}

function releaseBySource(
  shares: readonly Share[],
  yieldOfMix: number,
  amendments: readonly Dose[],
  weeks: number,
  weeklyMeanTempC: number | readonly number[],
): SourceRelease[] {
  const sources = [
    ...shares.map(({ material, share }) => ({
      id: material.id,
      gPerL: (1000 * share * material.bulkDensity) / yieldOfMix,
      nPercent: material.nPercentDry,
      nReleaseSeason: material.nReleaseSeason,
      releaseDays50: COMPONENT_RELEASE_DAYS50,
      q10: 2,
    })),
    ...amendments.map(({ amendment, gPerL }) => ({
      ...amendment,
      gPerL,
      q10: q10Of(amendment.kind),
    })),
  ]
  return sources.map(({ id, gPerL, nPercent, nReleaseSeason, releaseDays50, q10 }) => {
    const source = { gPerL, nPercent, nReleaseSeason, releaseDays50, weeks, weeklyMeanTempC, q10 }
    return { id, byEnd: nitrogenSupply(source).cumulativeMgPerL }
  })
}

function sumOf(sources: readonly SourceRelease[], weeks: number): number[] {
  const total = new Array<number>(weeks).fill(0)
  for (const { byEnd } of sources) {
    byEnd.forEach((mg, week) => {
      total[week] = (total[week] as number) + mg
    })
  }
  return total
}

function cumulativeImmobilisable(
  shares: readonly Share[],
  yieldOfMix: number,
  weeks: number,
  weeklyMeanTempC: number | readonly number[],
): number[] {
  const woody = shares.filter(({ material }) => material.cToN > IMMOBILISING_C_TO_N)
  return warmDays(weeks, weeklyMeanTempC).map((days) =>
    woody.reduce((sum, { material, share }) => {
      const dryGPerL = (1000 * share * material.bulkDensity) / yieldOfMix
      const decayed = 1 - Math.exp((-material.decayPerYear * days) / 365)
      const perCarbon = Math.max(0, N_PER_CARBON - 1 / material.cToN)
      return sum + 1000 * dryGPerL * CARBON_SHARE * decayed * perCarbon
    }, 0),
  )
}

/** Logistic uptake from planting to the end of the crop's span. */
function cumulativeDemand(crop: Crop, weeks: number): number[] {
  const logistic = (x: number) => 1 / (1 + Math.exp(-x))
  const span = nitrogenSpanWeeks(crop)
  const low = logistic(-4)
  const high = logistic(4)
  return Array.from({ length: weeks }, (_, week) => {
    const x = Math.min(1, (week + 1) / span)
    return (crop.nSeasonMgPerL * (logistic(8 * (x - 0.5)) - low)) / (high - low)
  })
}
