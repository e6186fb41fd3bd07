import { HUMIFIED_FINES } from '../../media'
import { phWidth } from '../../ranges'
import { noCorrection, planAcidity } from './acidity'
import { acidMixShare } from './acidMix'
import { AggregateSearch } from './aggregateShare'
import { fitsAsItIs } from './asItIs'
import { type Batch, fillBatch } from './batch'
import { aggregateCandidates, pickMinerals } from './chooseMaterials'
import { compostShare, heldByTrial, toppedUpTo } from './compostShare'
import { planFeeding } from './feeding'
import { feedLeftIn } from './feedLeftIn'
import { freshMixPrice } from './prices'
import { type RecipeSetting, recipeSetting } from './recipeSetting'
import type { Recipe, RecipeInput } from './recipeTypes'
import { meanTempC, unplanted } from './startingMix'
import { withLeftoverUsed } from './usedUp'
import { holderCandidates, holdWater } from './waterHolding'
import { doseOf, type RecipeChoice, writeRecipe } from './writeRecipe'

/**
 * From a tired lot to the amounts of its next mix: the old mix leached where it is salty, compost by school, litres with
 * yield and settling, aggregate to the crop's air in its container, lime or sulfur, fertilizer, soluble feed for what is
 * missing, household measures, and why. A mix that was never planted and fits is used as it is.
 * Every number can be recomputed with the public functions of the core.
 * @throws DomainError `unsuitable` for a crop that does not grow in used mix or seedlings that it harms, `bad-argument` for
 *   a lot given up by triage, `too-few` with neither lot nor base, `out-of-range` for impossible amounts
 */
export function solveRecipe(input: RecipeInput): Recipe {
  const setting = recipeSetting(input)
  const { sources, crop } = setting
  const asItIs = unplanted(input)
    ? fillBatch(sources, { compost: 0, aggregate: null, freshAtLeast: 0 })
    : null
  const choice =
    asItIs && fitsAsItIs(asItIs, crop, input.container)
      ? usedAsItIs(setting, asItIs)
      : reconditioned(setting)
  return writeRecipe(setting, choice)
}

function usedAsItIs(setting: RecipeSetting, batch: Batch): RecipeChoice {
  return {
    compost: { share: 0, reason: 'as-is' },
    air: {
      batch,
      shares: null,
      reach: 'as-is',
      compostLowered: false,
      freshRaised: false,
      loss: 0,
      score: 0,
    },
    acidity: noCorrection('as-is', null),
    feeding: { stock: null, dose: null, reason: 'as-is' },
    search: searchFor(setting, 0),
    acidFresh: 0,
    width: phWidth(batch.components),
  }
}

function reconditioned(given: RecipeSetting): RecipeChoice {
  const { input, limits, crop, school, lotFeed, perKgOf } = given
  const { season, stock, watering } = input
  const compost = heldByTrial(
    compostShare(given.sources, crop, Math.min(school, limits.maxCompostShare), season, lotFeed),
    given,
  )
  const sources = toppedUpTo(given.sources, compost)
  const setting = { ...given, sources }
  const acidFresh = acidMixShare(sources, crop, compost.share)
  const search = searchFor(setting, acidFresh)
  const aired = search.choose(compost.share)
  const holders = watering ? holderCandidates(stock.materials, crop, limits) : []
  const held = watering ? holdWater(search, aired, watering, holders, compost.share) : aired
  const air = acidFresh > 0 ? held : withLeftoverUsed(setting, held)
  const width = phWidth(air.batch.components)
  const acidity = planAcidity(air.batch, crop, stock.amendments, perKgOf, width)
  const feeding = planFeeding(
    air.batch,
    crop,
    input.school.feed,
    stock.amendments,
    perKgOf,
    doseOf(acidity.stock, acidity.firstGPerL),
    season,
    feedLeftIn(air.batch, lotFeed),
  )
  const minerals = input.school.minerals ? pickMinerals(stock.amendments, perKgOf) : null
  return { compost, air, acidity, feeding, search, acidFresh, width, minerals }
}

function searchFor(setting: RecipeSetting, freshAtLeast: number): AggregateSearch {
  const { input, crop, sources, priceOf, fresh } = setting
  const { container, stock, season, school } = input
  return new AggregateSearch({
    sources,
    container,
    crop,
    candidates: aggregateCandidates(stock.materials, crop),
    priceOf,
    freshPrice: freshMixPrice(stock.materials, fresh),
    fixedShare: school.aggregateShare ?? null,
    meanTempC: meanTempC(season?.weeklyMeanTempC, crop),
    humifiedFines: input.humifiedFines ?? HUMIFIED_FINES,
    freshAtLeast,
    watering: input.watering ?? null,
  })
}
