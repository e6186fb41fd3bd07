import { containerVolume, heightForVolume } from '../../containers'
import { blendMedia, containerCapacity, HUMIFIED_FINES, inningsLeft } from '../../media'
import { mediaRange, nitrogenRange } from '../../ranges'
import { addDays } from '../../units'
import { requireNumber, requireObject } from '../../validate'
import type { Recipe, RecipeInput } from '../recipe'
import {
  cropInPot,
  daysOf,
  dosesOf,
  feedLeftIn,
  lotComponents,
  recipeComponents,
  testsOf,
  waterLostIn,
} from '../recipe'
import { scheduleWork } from '../work'
import { bestRung } from './bestRung'
import { gatesFailed, shortfallOf } from './gates'
import { type Ladder, type LadderInput, RUNG_IDS, type Rung, type RungId } from './ladderTypes'
import { rungBars, rungNotes, unpricedFeed } from './rungBars'
import { RUNG_RECIPES } from './rungRecipes'

const DRAWS = 80
/** To mix a can; each container takes one more. */
const MINUTES_PER_FEED = 3
const SAME_LITRES = 1e-9
const LOWEST_FILL_CM = 0.1
const WEIGHTS = ['cost', 'effort', 'yield'] as const

/**
 * Five ways to go on with a lot, side by side in the container and for the crop that come next: as it is with soluble feed,
 * part fresh mix, compost only, all that a recipe does, new mix. The best is marked by the grower's own priorities.
 * What is not open keeps its numbers and says why; what cannot be made at all has none.
 * @throws DomainError `bad-argument`, `not-finite`, `out-of-range` or `too-few` for impossible input
 */
export function planLadder(input: LadderInput): Ladder {
  requireLadderInput(input)
  const rungs = RUNG_IDS.map((id) => planRung(id, input))
  const { litresWanted } = input
  const lowAir = input.crop.airMinPercent / 100
  return { rungs, best: bestRung(rungs, input.priorities, { lowAir, litresWanted }) }
}

function planRung(id: RungId, input: LadderInput): Rung {
  const asked = askedOf(id, input)
  const recipe = RUNG_RECIPES[id](asked)
  const work = recipe && workOf(id, recipe, input)
  const bars = rungBars(id, recipe, work?.readyOn ?? null, input)
  return {
    id,
    allowed: bars.length === 0,
    recipe,
    ...(recipe ? figuresOf(id, recipe, asked, input) : NO_FIGURES),
    minutes: work?.totalMinutes ?? null,
    minutesWithFeeding: work && work.totalMinutes + feedingMinutes(recipe, containersOf(input)),
    earliestPlanting: work?.readyOn ?? null,
    warnings: [...bars, ...rungNotes(id, recipe, input)],
  }
}

/** Debris off the top, where nothing is tipped out. */
const AS_IT_STANDS = { cleaningLossShare: 0.03, settlingShare: 0 }

/**
 * What a recipe would refuse is told as a bar instead: its numbers are worked out all the same. What stays in its pot has
 * settled, and is not sieved.
 */
function askedOf(id: RungId, input: LadderInput): RecipeInput {
  const { lot, limits } = input
  const crop = { ...input.crop, freshOnly: false }
  if (id !== 'as-is') return { ...input, lot: { ...lot, triage: null }, crop }
  const { sieveLossShare, ...measured } = lot.measured ?? {}
  return {
    ...input,
    lot: { ...lot, triage: null, measured },
    limits: { ...limits, ...AS_IT_STANDS },
    crop,
  }
}

/** How many containers the litres wanted fill. */
function containersOf({ litresWanted, container }: LadderInput): number {
  return Math.max(1, Math.round(litresWanted / containerVolume(container)))
}

/** The container as high as each one's share of these litres reaches in it, at most to its fill. */
function filledWith(litres: number, input: LadderInput): LadderInput['container'] {
  const { shape } = input.container
  const each = litres / containersOf(input)
  if (each >= containerVolume(input.container) - SAME_LITRES) return input.container
  return { shape, fillHeightCm: Math.max(LOWEST_FILL_CM, heightForVolume({ shape, litres: each })) }
}

function feedingMinutes(recipe: Recipe | null, containers: number): number {
  return (recipe?.feedPlan?.feeds ?? 0) * (MINUTES_PER_FEED + containers)
}

function workOf(id: RungId, recipe: Recipe, { lot, stock, crop, today, habits }: LadderInput) {
  return scheduleWork({
    recipe,
    triage: id === 'replace' ? null : lot.triage,
    variant: id === 'as-is' ? 'in-place' : 'tipped',
    startDate: today,
    options: {
      materials: stock.materials.map(({ material }) => material),
      amendments: stock.amendments.map(({ amendment }) => amendment),
      crop,
      ...(habits ? { habits } : {}),
    },
  })
}

type Figures = Omit<
  Rung,
  'id' | 'allowed' | 'recipe' | 'minutes' | 'minutesWithFeeding' | 'earliestPlanting' | 'warnings'
>

const NO_FIGURES: Figures = {
  litres: null,
  airFraction: null,
  airRange: null,
  waterFraction: null,
  availableLitres: null,
  daysBetweenWaterings: null,
  ph: null,
  ecSme: null,
  nCoverage: null,
  nCoverageRange: null,
  firstShortWeek: null,
  feedPlan: null,
  cost: null,
  unpriced: [],
  fails: [],
  shortfall: null,
  kilosToLift: null,
  inningsLeft: null,
}

function figuresOf(id: RungId, recipe: Recipe, asked: RecipeInput, input: LadderInput): Figures {
  const { climate, season, stock, lot, litresWanted, seed = 1 } = input
  const { predicted, settledLitres, feedPlan } = recipe
  const crop = cropInPot(input.crop, input.container)
  const components = recipeComponents(recipe, asked)
  const container = filledWith(settledLitres, input)
  const capacity = containerCapacity({ curve: blendMedia({ components }).curve, ...container })
  const { airFraction } = capacity
  const { ph, ecSme } = predicted
  const reached = { litres: settledLitres, airFraction, ph, ecSme }
  const lotShare = recipe.parts.find(({ role }) => role === 'lot')?.share ?? 0
  // What was measured on the old mix tells of a mix that holds some of it.
  const tests = lotShare > 0 ? testsOf(lot.measured) : []
  return {
    litres: settledLitres,
    airFraction,
    airRange: mediaRange({
      components,
      container,
      tests,
      testedOn: tests.length > 0 ? lotComponents(lot.components, lot.measured) : undefined,
      draws: DRAWS,
      seed,
    }).airFraction,
    waterFraction: capacity.waterFraction,
    availableLitres: capacity.availableLitres,
    daysBetweenWaterings: daysOf(
      components,
      container,
      waterLostIn(input.crop, container, climate, climate.exposureFactor),
    ),
    ph,
    ecSme,
    nCoverage: predicted.nCoverage,
    nCoverageRange: nitrogenRange({
      components,
      volumeYield: predicted.volumeYield,
      amendments: dosesOf(recipe, stock),
      feedLeft: feedLeftIn(
        { shares: { lot: lotShare }, volumeYield: predicted.volumeYield },
        lot.feedLeft ?? [],
      ),
      crop,
      weeks: season?.weeks,
      weeklyMeanTempC: season?.weeklyMeanTempC,
      draws: DRAWS,
      seed,
    }),
    firstShortWeek: predicted.firstShortWeek,
    feedPlan,
    cost: recipe.cost + feedPrice(recipe, input),
    unpriced: [...recipe.unpriced, ...unpricedFeed(recipe, input)],
    fails: gatesFailed(id, reached, crop, litresWanted),
    shortfall: shortfallOf(reached, crop, litresWanted),
    kilosToLift: predicted.kgPerLWet * settledLitres,
    inningsLeft: inningsLeft({
      components,
      container,
      cropAirMin: crop.airMinPercent / 100,
      seasonMeanTempC: climate.seasonMeanTempC,
      humifiedFines: input.humifiedFines ?? HUMIFIED_FINES,
    }).without,
  }
}

function feedPrice({ feedPlan }: Recipe, { stock }: LadderInput): number {
  if (!feedPlan) return 0
  const row = stock.amendments.find(({ amendment }) => amendment.id === feedPlan.productId)
  return (feedPlan.productG / 1000) * (row?.pricePerKg ?? 0)
}

function requireLadderInput(input: LadderInput): void {
  requireObject('The ladder', input)
  requireObject('The lot', input.lot)
  requireNumber('The litres of the lot', input.lot.litres, { above: 0, max: 100_000 })
  requireObject('The climate', input.climate)
  requireNumber('The exposure', input.climate.exposureFactor, { min: 0, max: 5 })
  requireNumber('The season mean temperature', input.climate.seasonMeanTempC, { min: -10, max: 45 })
  requireObject('The priorities', input.priorities)
  for (const weight of WEIGHTS) {
    requireNumber(`The weight of ${weight}`, input.priorities[weight], { min: 0, max: 3 })
  }
  addDays(input.today, 0)
}
