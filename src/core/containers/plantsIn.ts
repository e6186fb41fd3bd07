import { requireNumber, requireWhole } from '../validate'

/**
 * Plants in a container: as many as were told, else as many as have their litres in it, and one at least.
 * @param litresPerPlant of media a full-grown plant wants
 * @throws DomainError for litres not above 0, or plants that are no whole number from 1
 */
export function plantsIn({
  litresPerPlant,
  potLitres,
  plants,
}: {
  readonly litresPerPlant: number
  readonly potLitres: number
  readonly plants?: number | undefined
}): number {
  requireNumber('The litres of a plant', litresPerPlant, { above: 0 })
  requireNumber('The litres of the container', potLitres, { above: 0 })
  if (plants !== undefined) return requireWhole('The plants', plants, { min: 1, max: 10_000 })
  return Math.max(1, Math.floor(potLitres / litresPerPlant + 1e-9))
}
