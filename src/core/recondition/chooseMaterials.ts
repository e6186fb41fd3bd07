import type { Crop } from '../chemistry'
import type { Material } from '../media'
import { compostBan } from './compostShare'
import type { RecipeLimits, StockAmendment, StockMaterial } from './recipeTypes'

/** Woodier than this, a coarse material takes more nitrogen than its air is worth inside a mix. */
const WOODIEST_C_TO_N = 150
const LIME_HATER_MAX_PH = 7.5
/** Composts so near the cheapest are chosen among by their nitrogen. */
const NEAR_CHEAPEST = 1.2

type PriceOf = (id: string | undefined) => number

/**
 * The bagged mix that suits the crop: inside its pH band, then the cheapest. For a lime hater an acid one before a limed
 * one, which tap water soon lifts out of the band.
 */
export function pickFresh(
  materials: readonly StockMaterial[],
  crop: Crop,
  limits: RecipeLimits,
  priceOf: PriceOf,
): StockMaterial | null {
  const outsideBand = ({ material }: StockMaterial) =>
    Math.max(0, crop.pHLow - material.pH, material.pH - crop.pHHigh)
  const isLimed = ({ material }: StockMaterial) =>
    crop.limeHater && !isAcidFor(material, crop) ? 1 : 0
  return (
    materials
      .filter(({ material }) => material.group === 'bagged mix')
      .filter(({ material }) => !limits.peatFree || !material.peat)
      .sort(
        (a, b) =>
          isLimed(a) - isLimed(b) ||
          outsideBand(a) - outsideBand(b) ||
          priceOf(a.material.id) - priceOf(b.material.id),
      )[0] ?? null
  )
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
 * feeders, the leanest for light ones. One that the crop cannot bear is passed over where there is another.
 */
export function pickCompost(
  materials: readonly StockMaterial[],
  crop: Crop,
  priceOf: PriceOf,
): StockMaterial | null {
  const composts = materials.filter(({ material }) => material.group === 'compost')
  const bearable = composts.filter(({ material }) => compostBan(material, crop) === null)
  const from = bearable.length > 0 ? bearable : composts
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

/** Mineral aggregates and their light organic stand-ins (hulls, chips), without wood that takes nitrogen. */
export function aggregateCandidates(
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
