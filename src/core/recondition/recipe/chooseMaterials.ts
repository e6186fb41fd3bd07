import { blendPh, type Crop } from '../../chemistry'
import type { Component, Material } from '../../media'
import { compostBan } from './compostShare'
import type { RecipeLimits, StockAmendment, StockMaterial } from './recipeTypes'

/** Woodier than this, a coarse material takes more nitrogen than its air is worth inside a mix. */
const WOODIEST_C_TO_N = 150
const LIME_HATER_MAX_PH = 7.5
/** Finer peat holds too much water to fill up with. */
const FINE_PEAT_MM = 1
/** Finer grains fill the gaps of a mix instead of opening it. */
const FINEST_OPENER_MM = 2
/** Composts so near the cheapest are chosen among by their nitrogen. */
const NEAR_CHEAPEST = 1.2
/** Of the share asked. */
const WELCOME_SHARE = 0.5

type PriceOf = (id: string | undefined) => number

/** So far outside the band weighs as much as twice the cheapest price. */
const PH_WORTH = 0.5
/** Where nothing is missing it is what would go in to put the old mix right. */
const USUAL_FRESH_SHARE = 0.5
const LEAST_MISSING = 0.05

/**
 * The fresh mix that suits the crop beside the old one: the least of how far the blend's pH lies outside the band and the
 * price, so that an acid mix (or raw peat, limed by the recipe) goes to a lot that is too alkaline. For a lime hater an
 * acid one before a limed one, which tap water soon lifts out of the band.
 * @param beside the old mix, none where a new one is made, and the share of it that is missing
 */
export function pickFresh(
  materials: readonly StockMaterial[],
  crop: Crop,
  limits: RecipeLimits,
  priceOf: PriceOf,
  { old, missing }: { readonly old: readonly Component[]; readonly missing: number },
): StockMaterial | null {
  const isTooAlkaline = old.length > 0 && blendPh({ components: old }).ph > crop.pHHigh
  const isPeat = ({ group, peat, grainMm }: Material) =>
    group === 'organic base' && peat && grainMm > FINE_PEAT_MM
  const candidates = materials
    .filter(
      ({ material }) => material.group === 'bagged mix' || (isTooAlkaline && isPeat(material)),
    )
    .filter(({ material }) => !limits.peatFree || !material.peat)
  const cheapest = Math.min(...candidates.map(({ material }) => priceOf(material.id)))
  const share = missing > LEAST_MISSING ? missing : USUAL_FRESH_SHARE
  const outsideBand = (material: Material) => {
    const kept = old.map((one) => ({ ...one, parts: one.parts * (1 - share) }))
    const { ph } = blendPh({ components: [...kept, { material, parts: share }] })
    return Math.max(0, crop.pHLow - ph, ph - crop.pHHigh)
  }
  const scored = candidates.map((stock) => ({
    stock,
    isLimed: crop.limeHater && !isAcidFor(stock.material, crop) ? 1 : 0,
    score:
      outsideBand(stock.material) / PH_WORTH +
      (cheapest > 0 ? priceOf(stock.material.id) / cheapest : 0),
  }))
  return scored.sort((a, b) => a.isLimed - b.isLimed || a.score - b.score)[0]?.stock ?? null
}

/** Trace minerals at least cost for their low rate; null where the list holds none. */
export function pickMinerals(
  amendments: readonly StockAmendment[],
  perKgOf: (stock: StockAmendment) => number,
): StockAmendment | null {
  const perLitre = (row: StockAmendment) => perKgOf(row) * row.amendment.rateLowGPerL
  return (
    amendments
      .filter(({ amendment }) => amendment.kind === 'trace minerals' && amendment.rateLowGPerL > 0)
      .sort((a, b) => perLitre(a) - perLitre(b))[0] ?? null
  )
}

/** Below the middle of the crop's band. */
export function isAcidFor({ pH }: Pick<Material, 'pH'>, { pHLow, pHHigh }: Crop): boolean {
  return pH <= (pHLow + pHHigh) / 2
}

/**
 * The compost whose nitrogen suits the feeder, of those within a fifth of the cheapest: the richest for heavy and medium
 * feeders, the leanest for light ones. One that the crop cannot bear, or of which salts, lime or nitrogen leave less than
 * half of what is asked, is passed over where there is another.
 * @param shareOf what would be left of the share asked, 0 to 1
 */
export function pickCompost(
  materials: readonly StockMaterial[],
  crop: Crop,
  priceOf: PriceOf,
  shareOf: (material: Material) => number,
): StockMaterial | null {
  const composts = materials.filter(({ material }) => material.group === 'compost')
  if (composts.length < 2) return composts[0] ?? null
  const bearable = composts.filter(({ material }) => compostBan(material, crop) === null)
  const welcome = bearable.filter(({ material }) => shareOf(material) >= WELCOME_SHARE)
  const from = [welcome, bearable, composts].find(({ length }) => length > 0) ?? composts
  const cheapest = Math.min(...from.map(({ material }) => priceOf(material.id)))
  const richest = crop.feeder === 'light' ? -1 : 1
  return (
    from
      .filter(({ material }) => priceOf(material.id) <= NEAR_CHEAPEST * cheapest + 1e-12)
      .sort(
        (a, b) =>
          richest * (nitrogenOf(b.material) - nitrogenOf(a.material)) ||
          priceOf(a.material.id) - priceOf(b.material.id),
      )[0] ?? null
  )
}

/** What a litre of it sets free in a long season, g. */
function nitrogenOf({ bulkDensity, nPercentDry, nReleaseSeason }: Material): number {
  return 10 * bulkDensity * nPercentDry * nReleaseSeason
}

/**
 * Mineral aggregates and their light organic stand-ins (hulls, chips), without wood that takes nitrogen. No sand: it fills
 * the gaps of a mix and takes its air.
 */
export function aggregateCandidates(
  materials: readonly StockMaterial[],
  crop: Crop,
): readonly StockMaterial[] {
  return materials.filter(({ material }) => {
    const isCoarse = material.group === 'aggregate' || material.group === 'coarse organic'
    const opens = isCoarse && material.grainMm >= FINEST_OPENER_MM
    const woody = material.group === 'coarse organic' && material.cToN > WOODIEST_C_TO_N
    const limey = crop.limeHater && (material.pH > LIME_HATER_MAX_PH || material.freeLimeGPerL > 0)
    return opens && !woody && !limey
  })
}
