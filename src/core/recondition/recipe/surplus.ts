/** What becomes of old mix that no pot takes, in the open ground. */
export type SurplusUse =
  /** On top of a bed, so deep and so wide. */
  | {
      readonly id: 'mulch'
      readonly litres: number
      readonly depthCm: number
      readonly squareMetres: number
    }
  /** Dug into a bed, with so much of its own soil. */
  | { readonly id: 'bed'; readonly litres: number; readonly soilLitres: number }

const MULCH_CM = 3
const LITRES_PER_M2_AND_CM = 10
/** A third of the bed's own soil to two thirds of mix. */
const SOIL_TO_MIX = 0.5

/** Spread over a bed, or dug into one: how wide, or with how much of its soil. */
export function surplusUse(litres: number, school: SurplusUse['id']): SurplusUse {
  if (school === 'bed') return { id: 'bed', litres, soilLitres: SOIL_TO_MIX * litres }
  return {
    id: 'mulch',
    litres,
    depthCm: MULCH_CM,
    squareMetres: litres / (LITRES_PER_M2_AND_CM * MULCH_CM),
  }
}
