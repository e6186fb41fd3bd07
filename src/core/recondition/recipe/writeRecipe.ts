import type { Dose } from '../../chemistry'
import { HUMIFIED_FINES } from '../../media'
import type { AcidityPlan } from './acidity'
import { LONG_STAY_WEEKS } from './aggregateScore'
import type { AggregateChoice, AggregateSearch } from './aggregateShare'
import { checkRecipe } from './checks'
import { aggregateCandidates } from './chooseMaterials'
import type { CompostShare } from './compostShare'
import type { FeedingPlan } from './feeding'
import { feedLeftIn } from './feedLeftIn'
import { componentsAsMeasured, listDoses, listParts } from './listAmounts'
import { airLost } from './mixTrials'
import { phAfterDoses } from './phOutcome'
import { predictMix } from './predict'
import { predictRounded } from './predictRounded'
import type { RecipeSetting } from './recipeSetting'
import type { Recipe, RecipeDose, RecipePart, StockAmendment, TestFirst } from './recipeTypes'
import { planSolubleFeed } from './solubleFeed'
import { meanTempC } from './startingMix'
import { tallerByCm } from './tallerPot'
import { daysOf } from './wateringHabit'
import { explainRecipe } from './why'

/** Of its label's low rate: for less of a correction nobody need test. */
const WORTH_A_TEST = 0.5

/** What a way of making the mix has decided. */
export interface RecipeChoice {
  readonly compost: CompostShare
  readonly air: AggregateChoice
  readonly acidity: AcidityPlan
  readonly feeding: FeedingPlan
  /** Where aggregates were compared; null for a way that adds none. */
  readonly search: AggregateSearch | null
  /** Fresh mix that brings a lime hater's pH down. */
  readonly acidFresh: number
  /** From p10 to p90 of the batch's pH. */
  readonly width: number
  /** Trace minerals, where they are asked for. */
  readonly minerals?: StockAmendment | null
}

/** The amounts of a choice, what they give, before and after rounding, and why. */
export function writeRecipe(setting: RecipeSetting, choice: RecipeChoice): Recipe {
  const { input, limits, crop, leached, lotFeed, usableLitres, perKgOf } = setting
  const { container, season, stock } = input
  const { compost, air, acidity, feeding, acidFresh, width, minerals = null } = choice
  const { batch } = air
  const mixLitres = batch.partLitres * batch.volumeYield
  const settledLitres = mixLitres * (1 - batch.settlingShare)
  const doses = [
    ...doseOf(acidity.stock, acidity.firstGPerL),
    ...doseOf(feeding.stock, feeding.dose?.gPerL ?? 0),
  ]
  const parts = listParts(batch, input, setting.compost, setting.fresh)
  const recipeDoses = listDoses(acidity, feeding, mixLitres, minerals)
  const { cost, unpriced } = costOf(stock, parts, recipeDoses)

  const feedLeft = feedLeftIn(batch, lotFeed)
  const predicted = predictMix({
    crop: input.crop,
    container,
    season,
    cost,
    components: batch.components,
    doses,
    settledLitres,
    feedLeft,
  })
  const roundedTotal = parts.reduce((sum, part) => sum + part.rounded.litres, 0)
  const predictedRounded =
    roundedTotal > 0
      ? predictRounded({
          components: componentsAsMeasured(parts, leached.components, input),
          roundedTotal,
          doses: recipeDoses,
          lotShare: (parts.find(({ role }) => role === 'lot')?.rounded.litres ?? 0) / roundedTotal,
          input,
          settlingShare: limits.settlingShare,
          cost,
        })
      : predicted
  const lotLitres = parts.find(({ role }) => role === 'lot')?.litres ?? 0
  const leachLitres = input.lot ? leached.waterFor(lotLitres) : 0
  const outcome = phAfterDoses(batch.components, batch.volumeYield, doses)
  const feedPlan = planSolubleFeed({
    batch,
    crop,
    season,
    amendments: stock.amendments,
    priceOf: perKgOf,
    doses,
    feedLeft,
    settledLitres,
  })
  const days = input.watering ? daysOf(batch.components, container, input.watering) : null
  const isLongStay = crop.weeksInPot > LONG_STAY_WEEKS
  const nitrogenAfterFeeding = feedPlan?.coverageAfter ?? predicted.nCoverage

  return {
    parts,
    doses: recipeDoses,
    leachLitres,
    score: air.score,
    partLitres: batch.partLitres,
    mixLitres,
    settlingShare: batch.settlingShare,
    settledLitres,
    leftoverLitres: input.lot ? Math.max(0, usableLitres - lotLitres) : 0,
    predicted,
    predictedRounded,
    phEventual: outcome.phEventual,
    unreactedLimeGPerL: outcome.unreactedLimeGPerL,
    feedPlan,
    testFirst: testFirst(acidity, width, mixLitres),
    cost,
    unpriced,
    checks: checkRecipe({
      input,
      limits,
      predicted,
      settledLitres,
      parts,
      doses: recipeDoses,
      nitrogenAfterFeeding,
      days,
      airLost: isLongStay
        ? airLost(batch.components, {
            container,
            crop,
            meanTempC: meanTempC(season?.weeklyMeanTempC, crop),
            humifiedFines: input.humifiedFines ?? HUMIFIED_FINES,
          })
        : 0,
    }),
    why: explainRecipe({
      input,
      crop,
      limits,
      batch,
      school: setting.school,
      compostReason: compost.reason,
      air,
      acidFresh,
      acidity,
      minerals,
      phWidth: width,
      feeding,
      feedLeft,
      predicted,
      nitrogenAfterFeeding,
      days,
      settledLitres,
      mixLitres,
      usableLitres,
      leachLitres,
      ecOfLot: leached.ecBefore,
      cost,
    }),
    ...aggregatesBeside(setting, choice),
    daysBetweenWaterings: days,
    tallerByCm:
      air.reach === 'short' ? tallerByCm(batch, container, crop.airMinPercent / 100) : null,
  }
}

/** What was weighed in against pH or hunger, as the core reckons with it. */
export function doseOf(stock: StockAmendment | null, gPerL: number): readonly Dose[] {
  return stock && gPerL > 0 ? [{ amendment: stock.amendment, gPerL }] : []
}

/** What is added, at the prices that are known; ids of the rest. */
function costOf(
  { materials, amendments }: RecipeSetting['input']['stock'],
  parts: readonly RecipePart[],
  doses: readonly RecipeDose[],
): Pick<Recipe, 'cost' | 'unpriced'> {
  const added = [
    ...parts
      .filter(({ role }) => role !== 'lot')
      .map(({ id, litres }) => ({
        id,
        amount: litres,
        price: materials.find(({ material }) => material.id === id)?.pricePerLitre,
      })),
    ...doses.map(({ id, grams }) => ({
      id,
      amount: grams / 1000,
      price: amendments.find(({ amendment }) => amendment.id === id)?.pricePerKg,
    })),
  ]
  return {
    cost: added.reduce((sum, { amount, price }) => sum + amount * (price ?? 0), 0),
    unpriced: added.filter(({ price }) => price === null).map(({ id }) => id),
  }
}

function testFirst(
  { stock, role, ifSureGPerL }: AcidityPlan,
  phWidth: number,
  mixLitres: number,
): TestFirst | null {
  if (!stock || !role || ifSureGPerL === null) return null
  if (ifSureGPerL < WORTH_A_TEST * stock.amendment.rateLowGPerL) return null
  const grams = ifSureGPerL * mixLitres
  return { id: stock.amendment.id, role, gPerL: ifSureGPerL, grams, phWidth }
}

/** Other aggregates beside the one chosen, and what more or less of it would do. */
function aggregatesBeside(
  { input, crop }: RecipeSetting,
  { air, acidFresh, search }: RecipeChoice,
): Pick<Recipe, 'aggregateOptions' | 'airByShare'> {
  if (!search) return { aggregateOptions: [], airByShare: [] }
  const { batch } = air
  const besides = {
    compost: batch.shares.compost,
    freshAtLeast: air.freshRaised || acidFresh > 0 ? batch.shares.fresh : 0,
    holder: air.shares?.holder ?? null,
  }
  const candidates = aggregateCandidates(input.stock.materials, crop)
  const chosen = batch.aggregate ?? candidates[0]?.material
  const row = candidates.find(({ material }) => material === chosen)
  return {
    aggregateOptions: search.options(besides),
    airByShare: row ? search.curve(besides, row) : [],
  }
}
