import { DRIES_OUT_PAST } from '../../season'
import type {
  Prediction,
  RecipeCheck,
  RecipeDose,
  RecipeInput,
  RecipeLimits,
  RecipePart,
} from './recipeTypes'
import { ENOUGH_COVERAGE } from './solubleFeed'

const TOLERANCE = 1e-6
const LASTING_TOLERANCE = 0.005

/** Each promise of a recipe against what was worked out. */
export function checkRecipe({
  input,
  limits,
  predicted,
  settledLitres,
  parts,
  doses,
  nitrogenAfterFeeding,
  days,
  airLost,
}: {
  input: RecipeInput
  limits: RecipeLimits
  predicted: Prediction
  settledLitres: number
  parts: readonly RecipePart[]
  doses: readonly RecipeDose[]
  /** Share of the demand met by the mix and its feed plan. */
  nitrogenAfterFeeding: number
  /** Between two waterings; null where no habit was told. */
  days: number | null
  /** That ageing takes from it while the crop stays, where that is longer than a season; share of the volume. */
  airLost: number
}): RecipeCheck[] {
  const { crop, litresWanted } = input
  const within = (
    id: RecipeCheck['id'],
    value: number,
    low: number | null,
    high: number | null,
  ): RecipeCheck => ({
    id,
    value,
    low,
    high,
    ok: (low === null || value >= low - TOLERANCE) && (high === null || value <= high + TOLERANCE),
  })
  return [
    within('litres', settledLitres, litresWanted, null),
    lasting(
      within('air', predicted.airFraction, crop.airMinPercent / 100, crop.airMaxPercent / 100),
      airLost,
    ),
    within('ph', predicted.ph, crop.pHLow, crop.pHHigh),
    within('ec', predicted.ecSme, null, crop.ecMaxSme),
    within('nitrogen', nitrogenAfterFeeding, ENOUGH_COVERAGE, null),
    within('weight', predicted.kgPerLWet, null, limits.maxKgPerL ?? null),
    within('label', highestLabelShare(input, doses), null, 1),
    within('stock', litresShort(input, parts), null, 0),
    ...(input.watering && days !== null
      ? [within('water', days, input.watering.everyDays / DRIES_OUT_PAST, null)]
      : []),
  ]
}

/** What stays for years has to have its air to the end of them. */
function lasting(air: RecipeCheck, airLost: number): RecipeCheck {
  const atEnd = air.value - airLost
  return { ...air, ok: air.ok && (airLost <= 0 || atEnd >= (air.low ?? 0) - LASTING_TOLERANCE) }
}

function highestLabelShare(input: RecipeInput, doses: readonly RecipeDose[]): number {
  const shares = doses.map(({ id, gPerL, grams, firstGrams }) => {
    const stock = input.stock.amendments.find(({ amendment }) => amendment.id === id)
    const first = grams > 0 ? (gPerL * firstGrams) / grams : 0
    return stock ? first / stock.amendment.rateHighGPerL : 0
  })
  return Math.max(0, ...shares)
}

/** Litres that have to be bought because the store has too little. */
function litresShort(input: RecipeInput, parts: readonly RecipePart[]): number {
  return parts.reduce((sum, part) => {
    const stock = input.stock.materials.find(({ material }) => material.id === part.id)
    return part.role === 'lot' || !stock ? sum : sum + Math.max(0, part.litres - stock.litres)
  }, 0)
}
