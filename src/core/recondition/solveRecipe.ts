import { type Dose, leach } from '../chemistry'
import { type Component, componentShares } from '../media'
import { phAfterDoses, planAcidity } from './acidity'
import { AggregateSearch, tallerByCm } from './aggregateShare'
import type { BatchSources } from './batch'
import { checkRecipeInput } from './checkRecipeInput'
import { checkRecipe } from './checks'
import { aggregateCandidates, pickCompost, pickFresh } from './chooseMaterials'
import { planFeeding } from './feeding'
import { componentsAsMeasured, listDoses, listParts } from './listAmounts'
import { lotComponents } from './lotComponents'
import { predictMix } from './predict'
import { predictRounded } from './predictRounded'
import { DEFAULT_COMPOST_SHARE, type Recipe, type RecipeInput } from './recipeTypes'
import { planSolubleFeed } from './solubleFeed'
import { explainRecipe } from './why'

/**
 * From a tired lot to the amounts of its next mix: compost by school, litres with yield and settling, aggregate to
 * the crop's air in its container, lime or sulfur, leaching, fertilizer, household measures, and why.
 * Every number can be recomputed with the public functions of the core.
 * @throws DomainError `bad-argument` for a lot given up by triage, `too-few` with neither lot nor base,
 *   `out-of-range` for impossible amounts
 */
export function solveRecipe(input: RecipeInput): Recipe {
  const limits = checkRecipeInput(input)
  const { crop, container, litresWanted, season } = input
  const old = oldMix(input)
  const usableLitres = input.lot
    ? input.lot.litres * (1 - limits.cleaningLossShare)
    : Number.POSITIVE_INFINITY
  const mixLitresWanted = litresWanted / (1 - limits.settlingShare)
  const school = input.school.compostShare ?? DEFAULT_COMPOST_SHARE

  const fresh = pickFresh(input.stock.materials, crop, limits)
  const base: Omit<BatchSources, 'compost'> = {
    lot: old,
    usableLitres,
    mixLitres: mixLitresWanted,
    fresh: fresh?.material ?? null,
    limits,
  }
  const compost = pickCompost(base, input, Math.min(school, limits.maxCompostShare))
  const sources = { ...base, compost: compost.stock?.material ?? null }
  const candidates = aggregateCandidates(input.stock.materials, crop)
  const search = new AggregateSearch(sources, container, crop, candidates)
  const air = search.choose(compost.share)
  const { batch } = air
  const mixLitres = batch.partLitres * batch.volumeYield

  const acidity = planAcidity(batch, crop, input.stock.amendments)
  const acidityDoses = doseOf(acidity.stock, acidity.firstGPerL)
  const feeding = planFeeding(
    batch,
    crop,
    input.school.feed,
    input.stock.amendments,
    acidityDoses,
    season,
  )
  const doses = [...acidityDoses, ...doseOf(feeding.stock, feeding.dose?.gPerL ?? 0)]
  const settledLitres = mixLitres * (1 - limits.settlingShare)

  const stockOf = (id: string) => input.stock.materials.find(({ material }) => material.id === id)
  const parts = listParts(batch, input, compost.stock, fresh)
  const recipeDoses = listDoses(acidity, feeding, mixLitres)
  const cost =
    parts.reduce(
      (sum, part) =>
        sum + (part.role === 'lot' ? 0 : part.litres * (stockOf(part.id)?.pricePerLitre ?? 0)),
      0,
    ) +
    (acidity.gPerL * mixLitres * (acidity.stock?.pricePerKg ?? 0)) / 1000 +
    ((feeding.dose?.gPerL ?? 0) * mixLitres * (feeding.stock?.pricePerKg ?? 0)) / 1000

  const predicted = predictMix({
    components: batch.components,
    doses,
    crop,
    container,
    season,
    cost,
    settledLitres,
  })
  const roundedComponents = componentsAsMeasured(parts, old, input)
  const roundedTotal = parts.reduce((sum, part) => sum + part.rounded.litres, 0)
  const predictedRounded =
    roundedTotal > 0
      ? predictRounded({
          components: roundedComponents,
          roundedTotal,
          doses: recipeDoses,
          input,
          limits,
          cost,
        })
      : predicted
  const leachLitres = leachingLitres()
  const lotPart = parts.find((part) => part.role === 'lot')
  const outcome = phAfterDoses(batch.components, batch.volumeYield, acidityDoses)
  const checks = checkRecipe({ input, limits, predicted, settledLitres, parts, doses: recipeDoses })

  return {
    parts,
    doses: recipeDoses,
    leachLitres,
    partLitres: batch.partLitres,
    mixLitres,
    settledLitres,
    leftoverLitres: input.lot ? Math.max(0, usableLitres - (lotPart?.litres ?? 0)) : 0,
    predicted,
    predictedRounded,
    phEventual: outcome.phEventual,
    unreactedLimeGPerL: outcome.unreactedLimeGPerL,
    feedPlan: planSolubleFeed(batch, input, doses, settledLitres),
    cost,
    checks,
    why: explainRecipe({
      input,
      limits,
      batch,
      school,
      compostReason: compost.reason,
      air,
      acidity,
      feeding,
      predicted,
      settledLitres,
      mixLitres,
      usableLitres,
      leachLitres,
      cost,
    }),
    aggregateOptions: search.options(batch.shares.compost),
    airByShare: airByShare(),
    tallerByCm:
      air.tier === 'short' ? tallerByCm(batch, container, crop.airMinPercent / 100) : null,
  }

  function leachingLitres(): number {
    const waterEc = season?.waterEc ?? 0
    if (predicted.ecSme <= crop.ecMaxSme || waterEc >= crop.ecMaxSme) return 0
    return leach({
      ec: predicted.ecSme,
      target: crop.ecMaxSme,
      mediaLitres: mixLitres,
      waterFraction: predicted.waterFraction,
      waterEc,
    }).litres
  }

  function airByShare() {
    const chosen = batch.aggregate ?? candidates[0]?.material
    const stock = candidates.find(({ material }) => material === chosen)
    if (!stock) return []
    const plain = {
      compost: batch.shares.compost,
      aggregate: null,
      freshAtLeast: air.freshRaised ? batch.shares.fresh : 0,
    }
    return search.curve(plain, stock)
  }
}

function oldMix({ lot, base }: RecipeInput): Component[] {
  if (lot) return lotComponents(lot.components, lot.measured)
  return componentShares(base ?? []).map(({ material, share }) => ({ material, parts: share }))
}

function doseOf(
  stock: RecipeInput['stock']['amendments'][number] | null,
  gPerL: number,
): readonly Dose[] {
  return stock && gPerL > 0 ? [{ amendment: stock.amendment, gPerL }] : []
}
