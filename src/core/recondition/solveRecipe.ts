import type { Dose } from '../chemistry'
import { HUMIFIED_FINES } from '../media'
import { phWidth } from '../ranges'
import { type AcidityPlan, noCorrection, planAcidity } from './acidity'
import { acidMixShare } from './acidMix'
import { type AggregateChoice, AggregateSearch } from './aggregateShare'
import { fitsAsItIs } from './asItIs'
import { type BatchSources, fillBatch } from './batch'
import { checkRecipeInput } from './checkRecipeInput'
import { checkRecipe } from './checks'
import { aggregateCandidates, pickCompost, pickFresh } from './chooseMaterials'
import { type CompostShare, compostShare } from './compostShare'
import { cropInPot } from './cropInPot'
import { type FeedingPlan, planFeeding } from './feeding'
import { feedLeftIn } from './feedLeftIn'
import { leachOldMix } from './leaching'
import { componentsAsMeasured, listDoses, listParts } from './listAmounts'
import { phAfterDoses } from './phOutcome'
import { predictMix } from './predict'
import { predictRounded } from './predictRounded'
import { freshMixPrice, pricePerKgOf, pricePerLitreOf } from './prices'
import {
  DEFAULT_COMPOST_SHARE,
  type Recipe,
  type RecipeInput,
  type StockAmendment,
  type TestFirst,
} from './recipeTypes'
import { planSolubleFeed } from './solubleFeed'
import { basePrice, meanTempC, oldMix, unplanted } from './startingMix'
import { tallerByCm } from './tallerPot'
import { holderCandidates, holdWater } from './waterHolding'
import { daysOf } from './wateringHabit'
import { explainRecipe } from './why'

/** Of its label's low rate: for less of a correction nobody need test. */
const WORTH_A_TEST = 0.5

/**
 * From a tired lot to the amounts of its next mix: the old mix leached where it is salty, compost by school, litres with
 * yield and settling, aggregate to the crop's air in its container, lime or sulfur, fertilizer, soluble feed for what is
 * missing, household measures, and why. A mix that was never planted and fits is used as it is.
 * Every number can be recomputed with the public functions of the core.
 * @throws DomainError `unsuitable` for a crop that does not grow in used mix or seedlings that it harms, `bad-argument` for
 *   a lot given up by triage, `too-few` with neither lot nor base, `out-of-range` for impossible amounts
 */
export function solveRecipe(input: RecipeInput): Recipe {
  const limits = checkRecipeInput(input)
  const { container, litresWanted, season, stock } = input
  const crop = cropInPot(input.crop, container)
  const priceOf = pricePerLitreOf(stock.materials)
  const perKgOf = pricePerKgOf(stock.amendments)
  const leached = leachOldMix(oldMix(input), crop, container, season?.waterEc)
  const lotFeed = input.lot?.feedLeft ?? []
  const usableLitres = input.lot
    ? input.lot.litres * (1 - (input.lot.measured?.sieveLossShare ?? limits.cleaningLossShare))
    : Number.POSITIVE_INFINITY
  const school = input.school.compostShare ?? DEFAULT_COMPOST_SHARE
  const fresh = pickFresh(stock.materials, crop, limits, priceOf)
  const compostStock = pickCompost(stock.materials, crop, priceOf)
  const sources: BatchSources = {
    lot: leached.components,
    usableLitres,
    lotPricePerLitre: input.lot ? 0 : basePrice(input, priceOf),
    mixLitres: litresWanted / (1 - limits.settlingShare),
    compost: compostStock?.material ?? null,
    fresh: fresh?.material ?? null,
    limits,
  }
  const candidates = aggregateCandidates(stock.materials, crop)
  const searchFor = (freshAtLeast: number) =>
    new AggregateSearch({
      sources,
      container,
      crop,
      candidates,
      priceOf,
      freshPrice: freshMixPrice(stock.materials, fresh),
      fixedShare: input.school.aggregateShare ?? null,
      meanTempC: meanTempC(season?.weeklyMeanTempC, crop),
      humifiedFines: input.humifiedFines ?? HUMIFIED_FINES,
      freshAtLeast,
      watering: input.watering ?? null,
    })
  const { compost, air, acidity, feeding, search, acidFresh, width } = choose()
  const { batch } = air
  const mixLitres = batch.partLitres * batch.volumeYield
  const settledLitres = mixLitres * (1 - limits.settlingShare)
  const doses = [
    ...doseOf(acidity.stock, acidity.firstGPerL),
    ...doseOf(feeding.stock, feeding.dose?.gPerL ?? 0),
  ]
  const parts = listParts(batch, input, compostStock, fresh)
  const recipeDoses = listDoses(acidity, feeding, mixLitres)
  const { cost, unpriced } = costOf()

  const setting = { crop: input.crop, container, season, cost }
  const feedLeft = feedLeftIn(batch, lotFeed)
  const predicted = predictMix({
    ...setting,
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
          limits,
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
  const nitrogenAfterFeeding = feedPlan?.coverageAfter ?? predicted.nCoverage

  return {
    parts,
    doses: recipeDoses,
    leachLitres,
    score: air.score,
    partLitres: batch.partLitres,
    mixLitres,
    settledLitres,
    leftoverLitres: input.lot ? Math.max(0, usableLitres - lotLitres) : 0,
    predicted,
    predictedRounded,
    phEventual: outcome.phEventual,
    unreactedLimeGPerL: outcome.unreactedLimeGPerL,
    feedPlan,
    testFirst: testFirst(),
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
    }),
    why: explainRecipe({
      input,
      crop,
      limits,
      batch,
      school,
      compostReason: compost.reason,
      air,
      acidFresh,
      acidity,
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
    aggregateOptions: search.options(sharesBesides()),
    airByShare: airByShare(),
    daysBetweenWaterings: days,
    tallerByCm:
      air.reach === 'short' ? tallerByCm(batch, container, crop.airMinPercent / 100) : null,
  }

  function choose(): Choice {
    const asItIs = unplanted(input)
      ? fillBatch(sources, { compost: 0, aggregate: null, freshAtLeast: 0 })
      : null
    if (asItIs && fitsAsItIs(asItIs, crop, container)) {
      return {
        compost: { share: 0, reason: 'as-is' },
        air: {
          batch: asItIs,
          shares: null,
          reach: 'as-is',
          compostLowered: false,
          freshRaised: false,
          loss: 0,
          score: 0,
        },
        acidity: noCorrection('as-is', null),
        feeding: { stock: null, dose: null, reason: 'as-is' },
        search: searchFor(0),
        acidFresh: 0,
        width: phWidth(asItIs.components),
      }
    }
    const compost = compostShare(
      sources,
      crop,
      Math.min(school, limits.maxCompostShare),
      season,
      lotFeed,
    )
    const acidFresh = acidMixShare(sources, crop, compost.share)
    const search = searchFor(acidFresh)
    const aired = search.choose(compost.share)
    const { watering } = input
    const holders = watering ? holderCandidates(stock.materials, crop, limits) : []
    const air = watering ? holdWater(search, aired, watering, holders, compost.share) : aired
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
    return { compost, air, acidity, feeding, search, acidFresh, width }
  }

  function costOf() {
    const materialOf = (id: string) => stock.materials.find(({ material }) => material.id === id)
    const amendmentOf = (id: string) =>
      stock.amendments.find(({ amendment }) => amendment.id === id)
    const added = [
      ...parts
        .filter(({ role }) => role !== 'lot')
        .map(({ id, litres }) => ({ id, amount: litres, price: materialOf(id)?.pricePerLitre })),
      ...recipeDoses.map(({ id, grams }) => ({
        id,
        amount: grams / 1000,
        price: amendmentOf(id)?.pricePerKg,
      })),
    ]
    return {
      cost: added.reduce((sum, { amount, price }) => sum + amount * (price ?? 0), 0),
      unpriced: added.filter(({ price }) => price === null).map(({ id }) => id),
    }
  }

  function testFirst(): TestFirst | null {
    const { stock: row, role, ifSureGPerL } = acidity
    if (!row || !role || ifSureGPerL === null) return null
    if (ifSureGPerL < WORTH_A_TEST * row.amendment.rateLowGPerL) return null
    return {
      id: row.amendment.id,
      role,
      gPerL: ifSureGPerL,
      grams: ifSureGPerL * mixLitres,
      phWidth: width,
    }
  }

  function sharesBesides() {
    return {
      compost: batch.shares.compost,
      freshAtLeast: air.freshRaised || acidFresh > 0 ? batch.shares.fresh : 0,
      holder: air.shares?.holder ?? null,
    }
  }

  function airByShare() {
    const chosen = batch.aggregate ?? candidates[0]?.material
    const row = candidates.find(({ material }) => material === chosen)
    return row ? search.curve(sharesBesides(), row) : []
  }
}

interface Choice {
  readonly compost: CompostShare
  readonly air: AggregateChoice
  readonly acidity: AcidityPlan
  readonly feeding: FeedingPlan
  readonly search: AggregateSearch
  /** Fresh mix that brings a lime hater's pH down. */
  readonly acidFresh: number
  /** From p10 to p90 of the batch's pH. */
  readonly width: number
}

function doseOf(stock: StockAmendment | null, gPerL: number): readonly Dose[] {
  return stock && gPerL > 0 ? [{ amendment: stock.amendment, gPerL }] : []
}
