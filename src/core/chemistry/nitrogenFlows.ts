import { type Component, componentShares, type Share } from '../media'
import { requireNumber, requireObject, requireWhole } from '../validate'
import { resolveYield } from './blendPh'
import { nitrogenSupply } from './nitrogenSupply'
import { q10Of, reacted, warmDays } from './release'
import type { Crop, Dose } from './tables'

/** Half-time of nitrogen release from composts and other components at 20 °C, days. */
const COMPONENT_RELEASE_DAYS50 = 60
/** Above this carbon to nitrogen ratio decomposing matter takes nitrogen up. */
const IMMOBILISING_C_TO_N = 25
const CARBON_SHARE = 0.48
/** Half of what rots within weeks is gone after so many days at 20 °C. */
const LABILE_DAYS50 = 14
/** A component that has served long still gives so much of what it gave when new. */
const LASTING_SHARE = 0.35
/** Microbial efficiency 0.4 over microbial C:N 10. */
const N_PER_CARBON = 0.04
const LONGEST_SEASON_WEEKS = 40
const LONG_LIVED_SPAN_WEEKS = 30

export interface NitrogenBudgetInput {
  readonly components: readonly Component[]
  readonly volumeYield?: number | undefined
  readonly amendments?: readonly Dose[]
  /** Feed of earlier mixing that goes on: its nitrogen counts, its salts are in the mix already. */
  readonly feedLeft?: readonly Dose[] | undefined
  readonly crop: Crop
  readonly weeks?: number | undefined
  readonly weeklyMeanTempC?: number | readonly number[] | undefined
  readonly initialMgPerL?: number | undefined
  readonly leachPerWeek?: number | undefined
  readonly feedMgPerL?: number | readonly number[] | undefined
}

/** mg N per L of mix in each week. */
export interface Flows {
  readonly released: readonly number[]
  readonly immobilisable: readonly number[]
  readonly demand: readonly number[]
  readonly fed: readonly number[]
}

/** Weeks over which a crop takes up its season's nitrogen. */
export function nitrogenSpanWeeks(crop: Crop): number {
  return crop.weeksInPot <= LONGEST_SEASON_WEEKS ? crop.weeksInPot : LONG_LIVED_SPAN_WEEKS
}

/**
 * What is set free, tied up, wanted and fed in each week, from a mix, its doses and a crop.
 * @throws DomainError for impossible parts, doses, weeks or temperatures
 */
export function nitrogenFlows(input: NitrogenBudgetInput) {
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

  const giving = [...amendments, ...(input.feedLeft ?? [])]
  const bySource = releaseBySource(shares, yieldOfMix, giving, weeks, weeklyMeanTempC)
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

export interface SourceRelease {
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
    ...shares.map(({ material, share, servedDays }) => ({
      id: material.id,
      gPerL: (1000 * share * material.bulkDensity) / yieldOfMix,
      nPercent: material.nPercentDry,
      nReleaseSeason: material.nReleaseSeason * stillGiven(servedDays),
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

/** A compost gives a third in its second season (Amlinger et al. 2003; the course between is our own). */
export function stillGiven(servedDays = 0): number {
  return LASTING_SHARE + (1 - LASTING_SHARE) * 0.5 ** (servedDays / COMPONENT_RELEASE_DAYS50)
}

const LONG_SERVED_DAYS = 3000

/** Days that what gives so much of its first nitrogen has served: the other way round. */
export function servedFor(given: number): number {
  const share = (given - LASTING_SHARE) / (1 - LASTING_SHARE)
  if (share >= 1) return 0
  const days = share > 0 ? -COMPONENT_RELEASE_DAYS50 * Math.log2(share) : LONG_SERVED_DAYS
  return Math.min(LONG_SERVED_DAYS, days)
}

export function sumOf(sources: readonly SourceRelease[], weeks: number): number[] {
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
      const { nDrawdown = 1, labileShare = 0 } = material
      const decayed =
        labileShare * reacted(days, LABILE_DAYS50) +
        (1 - labileShare) * (1 - Math.exp((-material.decayPerYear * days) / 365))
      const perCarbon = nDrawdown * Math.max(0, N_PER_CARBON - 1 / material.cToN)
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
