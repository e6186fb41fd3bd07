import { type Crop, type Dose, leach } from '../chemistry'
import { requireShape } from '../containers'
import { DomainError } from '../errors'
import { type Component, componentShares, type Material } from '../media'
import { requireNumber, requireObject, requireOneOf } from '../validate'
import { type AcidityPlan, phAfterDoses, planAcidity } from './acidity'
import { AggregateSearch, tallerByCm } from './aggregateShare'
import type { Batch, BatchSources } from './batch'
import { checkRecipe } from './checks'
import { compostShare } from './compostShare'
import { type FeedingPlan, planFeeding } from './feeding'
import { lotComponents } from './lotComponents'
import { predictMix } from './predict'
import {
  DEFAULT_COMPOST_SHARE,
  DEFAULT_LIMITS,
  type PartRole,
  type Recipe,
  type RecipeDose,
  type RecipeInput,
  type RecipeLimits,
  type RecipePart,
  type StockMaterial,
} from './recipeTypes'
import { roundGrams, roundLitres } from './rounding'
import { explainRecipe } from './why'

/** Woodier than this, a coarse material takes more nitrogen than its air is worth inside a mix. */
const WOODIEST_C_TO_N = 150
const LIME_HATER_MAX_PH = 7.5

/**
 * From a tired lot to the amounts of its next mix: compost by school, litres with yield and settling, aggregate to
 * the crop's air in its container, lime or sulfur, leaching, fertilizer, household measures, and why.
 * Every number can be recomputed with the public functions of the core.
 * @throws DomainError `bad-argument` for a lot given up by triage, `too-few` with neither lot nor base,
 *   `out-of-range` for impossible amounts
 */
export function solveRecipe(input: RecipeInput): Recipe {
  const limits = checkInput(input)
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
  const predictedRounded = roundedTotal > 0 ? predictRounded() : predicted
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
    feedPlan: null,
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

  function predictRounded() {
    const roundedBatch = predictMix({
      components: roundedComponents,
      doses: [],
      crop,
      container,
      season,
      cost,
      settledLitres,
    })
    const roundedMix = roundedTotal * roundedBatch.volumeYield
    const roundedDoses = recipeDoses.flatMap((dose) => {
      const amendment = input.stock.amendments.find(
        (row) => row.amendment.id === dose.id,
      )?.amendment
      return amendment ? [{ amendment, gPerL: dose.rounded.grams / roundedMix }] : []
    })
    return predictMix({
      components: roundedComponents,
      doses: roundedDoses,
      crop,
      container,
      season,
      cost,
      settledLitres: roundedMix * (1 - limits.settlingShare),
    })
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

function checkInput(input: RecipeInput): RecipeLimits {
  requireObject('The recipe', input)
  requireNumber('The litres wanted', input.litresWanted, { above: 0, max: 100_000 })
  requireObject('The container', input.container)
  requireShape(input.container.shape)
  requireNumber('The fill height in cm', input.container.fillHeightCm, {
    above: 0,
    max: input.container.shape.heightCm,
  })
  requireObject('The crop', input.crop)
  requireObject('The school', input.school)
  requireOneOf('The kind of feed', input.school.feed, ['organic', 'coated', 'soluble'] as const)
  requireNumber('The compost share', input.school.compostShare ?? DEFAULT_COMPOST_SHARE, {
    min: 0,
    max: 0.9,
  })
  requireObject('The stock', input.stock)
  const limits: RecipeLimits = { ...DEFAULT_LIMITS, ...input.limits }
  requireNumber('The settling share', limits.settlingShare, { min: 0, below: 0.9 })
  requireNumber('The share lost in cleaning', limits.cleaningLossShare, { min: 0, below: 1 })
  for (const key of ['maxCompostShare', 'maxAggregateShare', 'maxFreshShare'] as const) {
    requireNumber(`The limit ${key}`, limits[key], { min: 0, max: 0.95 })
  }
  if (!input.lot && !input.base) {
    throw new DomainError('too-few', 'Choose a lot to recondition, or a base to start from.')
  }
  if (input.lot) {
    requireNumber('The litres of the lot', input.lot.litres, { min: 0, max: 100_000 })
    const verdict = input.lot.triage?.verdict
    if (verdict === 'compost' || verdict === 'discard') {
      throw new DomainError('bad-argument', 'This lot was given up: it gets no recipe.', {
        verdict,
      })
    }
  }
  return limits
}

function oldMix({ lot, base }: RecipeInput): Component[] {
  if (lot) return lotComponents(lot.components, lot.measured)
  return componentShares(base ?? []).map(({ material, share }) => ({ material, parts: share }))
}

/** The bagged mix that suits the crop: inside its pH band (for a lime hater nearest to its middle), then the cheapest. */
function pickFresh(
  materials: readonly StockMaterial[],
  crop: Crop,
  limits: RecipeLimits,
): StockMaterial | null {
  const outsideBand = ({ material }: StockMaterial) =>
    crop.limeHater
      ? Math.abs(material.pH - (crop.pHLow + crop.pHHigh) / 2)
      : Math.max(0, crop.pHLow - material.pH, material.pH - crop.pHHigh)
  return (
    materials
      .filter(({ material }) => material.group === 'bagged mix')
      .filter(({ material }) => !limits.peatFree || !isPeat(material))
      .sort((a, b) => outsideBand(a) - outsideBand(b) || a.pricePerLitre - b.pricePerLitre)[0] ??
    null
  )
}

/** The compost that may be used most freely; among equals one that is in stock, then the cheapest. */
function pickCompost(base: Omit<BatchSources, 'compost'>, input: RecipeInput, school: number) {
  const needed = school * base.mixLitres
  const options = input.stock.materials
    .filter(({ material }) => material.group === 'compost')
    .map((stock) => ({
      stock,
      ...compostShare({ ...base, compost: stock.material }, input.crop, school, input.season),
    }))
    .sort(
      (a, b) =>
        b.share - a.share ||
        Number(b.stock.litres >= needed) - Number(a.stock.litres >= needed) ||
        a.stock.pricePerLitre - b.stock.pricePerLitre,
    )
  const best = options[0]
  if (!best) return { share: 0, reason: 'none-in-stock' as const, stock: null }
  return best
}

/** Peat and the bagged mixes that are made of it. */
function isPeat({ id }: Material): boolean {
  return id.startsWith('peat') || id === 'all-purpose-mix' || id === 'acid-mix'
}

/** Mineral aggregates and their light organic stand-ins (hulls, chips), without wood that takes nitrogen. */
function aggregateCandidates(
  materials: readonly StockMaterial[],
  crop: Crop,
): readonly StockMaterial[] {
  return materials.filter(({ material }) => {
    const opens = material.group === 'aggregate' || material.group === 'coarse organic'
    const woody = material.group === 'coarse organic' && material.cToN > WOODIEST_C_TO_N
    const limey = crop.limeHater && (material.pH > LIME_HATER_MAX_PH || material.freeLimeGPerL > 0)
    return opens && !woody && !limey
  })
}

function doseOf(
  stock: RecipeInput['stock']['amendments'][number] | null,
  gPerL: number,
): readonly Dose[] {
  return stock && gPerL > 0 ? [{ amendment: stock.amendment, gPerL }] : []
}

function listParts(
  batch: Batch,
  input: RecipeInput,
  compost: StockMaterial | null,
  fresh: StockMaterial | null,
): RecipePart[] {
  const baseId = input.base?.length === 1 ? input.base[0]?.material.id : 'base'
  const rows: readonly (readonly [string | undefined, PartRole, number])[] = [
    [input.lot ? input.lot.id : baseId, input.lot ? 'lot' : 'fresh', batch.shares.lot],
    [compost?.material.id, 'compost', batch.shares.compost],
    [batch.aggregate?.id, 'aggregate', batch.shares.aggregate],
    [fresh?.material.id, 'fresh', batch.shares.fresh],
  ]
  return rows.flatMap(([id, role, share]) => {
    if (id === undefined || share <= 1e-9) return []
    const litres = share * batch.partLitres
    return [{ id, role, litres, share, rounded: roundLitres(litres, input.measures) }]
  })
}

function listDoses(acidity: AcidityPlan, feeding: FeedingPlan, mixLitres: number): RecipeDose[] {
  const doses: RecipeDose[] = []
  if (acidity.stock && acidity.role && acidity.firstGPerL > 0) {
    const firstGrams = acidity.firstGPerL * mixLitres
    const label = acidity.stock.amendment.rateHighGPerL
    const bound = acidity.gPerL > acidity.firstGPerL || acidity.firstGPerL >= label - 1e-9
    doses.push({
      id: acidity.stock.amendment.id,
      role: acidity.role,
      gPerL: acidity.gPerL,
      grams: acidity.gPerL * mixLitres,
      firstGrams,
      rounded: roundGrams(firstGrams, bound),
    })
  }
  if (feeding.stock && feeding.dose && feeding.dose.gPerL > 0) {
    const grams = feeding.dose.gPerL * mixLitres
    doses.push({
      id: feeding.stock.amendment.id,
      role: 'fertilizer',
      gPerL: feeding.dose.gPerL,
      grams,
      firstGrams: grams,
      rounded: roundGrams(grams, feeding.reason === 'label' || feeding.reason === 'salt'),
    })
  }
  return doses
}

/** The components again, with the amounts people will really measure out. */
function componentsAsMeasured(
  parts: readonly RecipePart[],
  old: readonly Component[],
  input: RecipeInput,
): Component[] {
  return parts.flatMap((part) => {
    const stock = input.stock.materials.find(({ material }) => material.id === part.id)
    const isOld = part.role === 'lot' || (!input.lot && !stock)
    if (isOld) {
      return old.map((component) => ({
        ...component,
        parts: component.parts * part.rounded.litres,
      }))
    }
    return stock ? [{ material: stock.material, parts: part.rounded.litres }] : []
  })
}
