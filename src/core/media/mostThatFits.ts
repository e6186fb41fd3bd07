import { requireNumber } from '../validate'

/**
 * How much mix, measured loose, containers take at the most, L: filled to the rim, and it settles when watered.
 * @param rimLitres volume of the containers to their rims, L
 * @param volumeYield what mixing leaves of the measured parts, 0 to 1
 * @param settlingShare what the first watering takes, 0 to below 1
 * @returns litres of parts before they are mixed
 * @throws DomainError for shares outside their range
 * @example mostThatFits({ rimLitres: 10, volumeYield: 0.9, settlingShare: 0.08 }) // 12.1
 */
export function mostThatFits({
  rimLitres,
  volumeYield,
  settlingShare,
}: {
  rimLitres: number
  volumeYield: number
  settlingShare: number
}): number {
  requireNumber('The litres to the rim', rimLitres, { min: 0 })
  requireNumber('The volume yield', volumeYield, { above: 0, max: 1 })
  requireNumber('The settling share', settlingShare, { min: 0, below: 1 })
  return rimLitres / (volumeYield * (1 - settlingShare))
}
