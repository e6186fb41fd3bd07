import { blendEc, blendPh, type Dose, servedFor, stillGiven } from '../../chemistry'
import type { ContainerShape } from '../../containers'
import {
  blendMedia,
  type Component,
  componentShares,
  containerCapacity,
  volumeYield,
} from '../../media'
import { phAfterDoses } from './phOutcome'
import type { RecipeInput } from './recipeTypes'

/**
 * What a mix was worked out to be when it was mixed, from all that was known of its parts; per litre of mix. Its
 * composition by litres alone does not hold what tests found of the old mix in it.
 */
export interface MixState {
  /** After eight weeks. */
  readonly ph: number
  readonly buffer: number
  /** With what was weighed in, saturated extract, dS/m. */
  readonly ecSme: number
  /** In this column. */
  readonly airFraction: number
  readonly columnShape: ContainerShape
  readonly fillHeightCm: number
  readonly totalPorosity: number
  readonly ksCmPerS: number
  /** Salts of the mix without what was weighed in, saturated extract, dS/m. */
  readonly ecMediaSme: number
  /** What was weighed in, and what was left of earlier feed. */
  readonly doses: readonly { readonly amendmentId: string; readonly gPerL: number }[]
  /** Mineral nitrogen at once, mg/L. */
  readonly starterNMgPerL: number
  /** Days at 20 °C that the old part of each material had served, by all of it; left out in states of before. */
  readonly served?: readonly { readonly materialId: string; readonly days: number }[]
}

/** Nothing is added to where free lime would begin to count twice: it is in the pH already. */
export function mixStateOf({
  components,
  doses,
  feedLeft = [],
  container,
}: {
  components: readonly Component[]
  doses: readonly Dose[]
  /** Of earlier mixing, g per L of this mix: its salts are in the mix already. */
  feedLeft?: readonly Dose[]
  container: RecipeInput['container']
}): MixState {
  const blend = blendMedia({ components })
  const shares = componentShares(components)
  const yieldOfMix = volumeYield(shares)
  return {
    ph: phAfterDoses(components, blend.volumeYield, doses).ph,
    buffer: blendPh({ components }).buffer,
    ecSme: blendEc({ components, amendments: doses }).ecSme,
    ecMediaSme: blendEc({ components }).ecSme,
    doses: [...doses, ...feedLeft].map(({ amendment, gPerL }) => ({
      amendmentId: amendment.id,
      gPerL,
    })),
    airFraction: containerCapacity({ curve: blend.curve, ...container }).airFraction,
    columnShape: container.shape,
    fillHeightCm: container.fillHeightCm,
    totalPorosity: blend.totalPorosity,
    ksCmPerS: blend.ksCmPerS,
    served: servedIn(components),
    starterNMgPerL:
      shares.reduce((sum, { material, share }) => sum + share * (material.starterNMgPerL ?? 0), 0) /
      yieldOfMix,
  }
}

/** Of each material, by what its old and its new part still give together. */
function servedIn(components: readonly Component[]): NonNullable<MixState['served']> {
  const sums = new Map<string, { parts: number; given: number }>()
  for (const { material, parts, servedDays } of components) {
    const sum = sums.get(material.id) ?? { parts: 0, given: 0 }
    const given = sum.given + parts * stillGiven(servedDays)
    sums.set(material.id, { parts: sum.parts + parts, given })
  }
  return [...sums].flatMap(([materialId, { parts, given }]) => {
    const days = parts > 0 ? servedFor(given / parts) : 0
    return days > 0 ? [{ materialId, days }] : []
  })
}
