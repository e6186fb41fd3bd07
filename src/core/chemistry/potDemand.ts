import { plantsIn } from '../containers'
import { requireNumber } from '../validate'

/**
 * What a plant asks of each litre in this container: the crop's demand holds at its own litres. In more of them it is
 * spread thin; in fewer the plant stays smaller, but asks more of each. (Our own estimate.)
 * @param nSeasonMgPerL at `litresPerPlant`, mg N per L
 * @returns mg N per L of this container in a season
 * @throws DomainError for litres not above 0
 * @example potDemand({ nSeasonMgPerL: 450, litresPerPlant: 20, potLitres: 10 }) // 567
 */
export function potDemand({
  nSeasonMgPerL,
  litresPerPlant,
  potLitres,
  plants,
}: {
  readonly nSeasonMgPerL: number
  readonly litresPerPlant: number
  readonly potLitres: number
  readonly plants?: number | undefined
}): number {
  requireNumber('The nitrogen of a season in mg/L', nSeasonMgPerL, { min: 0 })
  const crowding = (plantsIn({ litresPerPlant, potLitres, plants }) * litresPerPlant) / potLitres
  return nSeasonMgPerL * (crowding <= 1 ? crowding : Math.cbrt(crowding))
}
