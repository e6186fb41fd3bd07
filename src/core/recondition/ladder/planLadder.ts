import { HUMIFIED_FINES, inningsLeft } from '../../media'
import { mediaRange, nitrogenRange } from '../../ranges'
import { requireNumber, requireObject } from '../../validate'
import { cropInPot } from '../cropInPot'
import { addDays } from '../days'
import { feedLeftIn } from '../feedLeftIn'
import { lotComponents } from '../lotComponents'
import { dosesOf, recipeComponents, testsOf } from '../recipeRanges'
import type { Recipe, RecipeInput } from '../recipeTypes'
import { scheduleWork } from '../scheduleWork'
import { daysOf } from '../wateringHabit'
import { waterLostIn } from '../waterLostIn'
import { bestRung } from './bestRung'
import { type Ladder, type LadderInput, RUNG_IDS, type Rung, type RungId } from './ladderTypes'
import { rungBars, rungNotes } from './rungBars'
import { RUNG_RECIPES } from './rungRecipes'

const DRAWS = 80
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
  return { rungs, best: bestRung(rungs, input.priorities, input.crop.airMinPercent / 100) }
}

function planRung(id: RungId, input: LadderInput): Rung {
  const asked = askedOf(input)
  const recipe = RUNG_RECIPES[id](asked)
  const work = recipe && workOf(id, recipe, input)
  const bars = rungBars(id, recipe, work?.readyOn ?? null, input)
  return {
    id,
    allowed: bars.length === 0,
    recipe,
    ...(recipe ? figuresOf(recipe, asked, input) : NO_FIGURES),
    minutes: work?.totalMinutes ?? null,
    earliestPlanting: work?.readyOn ?? null,
    warnings: [...bars, ...rungNotes(id, recipe, input)],
  }
}

/** What a recipe would refuse is told as a bar instead: its numbers are worked out all the same. */
function askedOf(input: LadderInput): RecipeInput {
  const { lot, crop } = input
  return { ...input, lot: { ...lot, triage: null }, crop: { ...crop, freshOnly: false } }
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

type Figures = Omit<Rung, 'id' | 'allowed' | 'recipe' | 'minutes' | 'earliestPlanting' | 'warnings'>

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
  kilosToLift: null,
  inningsLeft: null,
}

function figuresOf(recipe: Recipe, asked: RecipeInput, input: LadderInput): Figures {
  const { container, climate, season, stock, lot, seed = 1 } = input
  const { predicted, settledLitres, feedPlan } = recipe
  const crop = cropInPot(input.crop, container)
  const components = recipeComponents(recipe, asked)
  const lotShare = recipe.parts.find(({ role }) => role === 'lot')?.share ?? 0
  // What was measured on the old mix tells of a mix that holds some of it.
  const tests = lotShare > 0 ? testsOf(lot.measured) : []
  return {
    litres: settledLitres,
    airFraction: predicted.airFraction,
    airRange: mediaRange({
      components,
      container,
      tests,
      testedOn: tests.length > 0 ? lotComponents(lot.components, lot.measured) : undefined,
      draws: DRAWS,
      seed,
    }).airFraction,
    waterFraction: predicted.waterFraction,
    availableLitres: predicted.availableLitres,
    daysBetweenWaterings: daysOf(
      components,
      container,
      waterLostIn(input.crop, container, climate, climate.exposureFactor),
    ),
    ph: predicted.ph,
    ecSme: predicted.ecSme,
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
