import { type Component, settlingShare as settlingOfMix } from '../../media'
import { feedLeftIn } from './feedLeftIn'
import { predictMix } from './predict'
import type { Prediction, Recipe, RecipeInput } from './recipeTypes'

/**
 * What the mix will be when it is measured out in the household measures the recipe is written in.
 * @param components as measured out, parts in litres
 * @param roundedTotal of all parts, L, above 0
 */
export function predictRounded({
  components,
  roundedTotal,
  doses,
  lotShare,
  input: { lot, crop, container, season, stock },
  settlingShare,
  cost,
}: {
  readonly components: readonly Component[]
  readonly roundedTotal: number
  readonly doses: Recipe['doses']
  /** Of the old mix in what is measured out. */
  readonly lotShare: number
  readonly input: RecipeInput
  /** Of its own test; null: by what it is made of. */
  readonly settlingShare: number | null
  readonly cost: number
}): Prediction {
  const setting = { components, crop, container, season, cost }
  // The doses are grams for the whole batch, so its volume has to be known first.
  const { volumeYield } = predictMix({ ...setting, doses: [], settledLitres: 1 })
  const roundedMix = roundedTotal * volumeYield
  const roundedDoses = doses.flatMap((dose) => {
    const amendment = stock.amendments.find((row) => row.amendment.id === dose.id)?.amendment
    return amendment ? [{ amendment, gPerL: dose.rounded.grams / roundedMix }] : []
  })
  return predictMix({
    ...setting,
    doses: roundedDoses,
    settledLitres: roundedMix * (1 - (settlingShare ?? settlingOfMix({ components }))),
    feedLeft: feedLeftIn({ shares: { lot: lotShare }, volumeYield }, lot?.feedLeft ?? []),
  })
}
