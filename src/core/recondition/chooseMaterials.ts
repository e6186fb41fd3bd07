import type { Crop } from '../chemistry'
import type { BatchSources } from './batch'
import { compostShare } from './compostShare'
import type { RecipeInput, RecipeLimits, StockMaterial } from './recipeTypes'

/** Woodier than this, a coarse material takes more nitrogen than its air is worth inside a mix. */
const WOODIEST_C_TO_N = 150
const LIME_HATER_MAX_PH = 7.5

/** The bagged mix that suits the crop: inside its pH band (for a lime hater nearest to its middle), then the cheapest. */
export function pickFresh(
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
      .filter(({ material }) => !limits.peatFree || !material.peat)
      .sort((a, b) => outsideBand(a) - outsideBand(b) || a.pricePerLitre - b.pricePerLitre)[0] ??
    null
  )
}

/** The compost that may be used most freely; among equals one that is in stock, then the cheapest. */
export function pickCompost(
  base: Omit<BatchSources, 'compost'>,
  input: RecipeInput,
  school: number,
) {
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
