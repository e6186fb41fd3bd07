import { plantsIn } from '../containers'
import { requireNumber } from '../validate'

/** A crowd of plants shades no more than so many times the rim, unless one of them does. */
const CROWD_RIMS = 5
/** Area goes with litres as a surface with a volume. */
const AREA_OF_VOLUME = 2 / 3

/** Share of its canopy a young plant has. */
export const YOUNG_SHARE = 0.3

/**
 * Ground the plants of a container shade: the plant's, not the pot's rim, since a grown tomato shades half a square metre
 * whatever it stands in. With less than its litres a plant stays smaller; several shade each other. (Our own rule, from
 * canopies as growers see them.)
 * @param canopyCm2 of one full-grown plant with its litres; null counts the rim (seedlings, cuttings)
 * @param plants as many as there are; as many as have their litres where left out
 * @param share of the full-grown canopy: 1, or 0.3 for young plants
 * @returns cm², and how many plants that counts
 * @throws DomainError for areas, litres or shares that cannot be
 */
export function canopyArea({
  canopyCm2,
  litresPerPlant,
  potLitres,
  plants,
  rimCm2,
  share = 1,
}: {
  readonly canopyCm2: number | null
  readonly litresPerPlant: number
  readonly potLitres: number
  readonly plants?: number | undefined
  readonly rimCm2: number
  readonly share?: number
}): { readonly canopyCm2: number; readonly plants: number } {
  requireNumber('The rim in cm²', rimCm2, { above: 0 })
  requireNumber('The share of the canopy', share, { min: 0, max: 1 })
  const count = plantsIn({ litresPerPlant, potLitres, plants })
  if (canopyCm2 === null) return { canopyCm2: rimCm2, plants: count }
  requireNumber('The canopy in cm²', canopyCm2, { above: 0 })
  const room = Math.min(1, potLitres / (count * litresPerPlant))
  const one = canopyCm2 * room ** AREA_OF_VOLUME * share
  const crowd = Math.min(count * one, Math.max(one, CROWD_RIMS * rimCm2))
  return { canopyCm2: Math.max(rimCm2, crowd), plants: count }
}
