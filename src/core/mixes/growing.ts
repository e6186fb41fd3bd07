import type { Crop } from '../chemistry'
import { areaAt, type ContainerShape, containerVolume } from '../containers'
import { canopyArea } from '../season'
import { groupById, type PlantGroupId } from './plantGroups'

/** What grows in a mix: a crop, or only a plant group; null for neither. */
export interface Growing {
  readonly crop: Crop | null
  readonly groupId?: PlantGroupId | null
}

/** cm² of canopy for each L^(2/3) of container, one plant in it; null counts the rim. Our own means over each group. */
const GROUP_CANOPY: Readonly<Record<PlantGroupId, number | null>> = {
  seedlings: null,
  most: 400,
  'hungry-edibles': 650,
  baskets: 650,
  'lime-haters': 450,
  'long-stay': 450,
  epiphytes: 300,
  'likes-dry': 250,
  'airy-moist': 250,
  succulents: 120,
}
const DRY_LOVERS_REFILL_CM = 100
const REFILL_CM = 50

/** What a container loses is known to within this factor either way: canopies differ, and so does the weather. */
export const LOSS_RANGE = 1.6

/** What its plants make of a container: the ground they shade, their water use, and when they want water. */
export interface PlantsInPlace {
  readonly canopyCm2: number
  readonly kc: number
  /** Suction at which they are watered, cm. */
  readonly refillSuctionCm: number
  readonly likesDry: boolean
}

/**
 * The plants of a container, full-grown or young.
 * @param share of the full-grown canopy
 */
export function plantsInPlace(
  { crop, groupId = null }: Growing,
  { shape, fillHeightCm }: { readonly shape: ContainerShape; readonly fillHeightCm: number },
  share = 1,
): PlantsInPlace {
  const rimCm2 = areaAt({ shape, zCm: shape.heightCm })
  const potLitres = containerVolume({ shape, fillHeightCm })
  const group = groupId ?? 'most'
  const perSurface = GROUP_CANOPY[group]
  const canopy = crop
    ? canopyArea({ ...crop, potLitres, rimCm2, share })
    : canopyArea({
        canopyCm2: perSurface === null ? null : perSurface * potLitres ** (2 / 3),
        litresPerPlant: potLitres,
        potLitres,
        rimCm2,
        share,
      })
  const likesDry =
    (crop ? crop.waterPreference : groupById(group)?.waterPreference) === 'dry-between'
  return {
    canopyCm2: canopy.canopyCm2,
    kc: crop?.kc ?? 1,
    refillSuctionCm: likesDry ? DRY_LOVERS_REFILL_CM : REFILL_CM,
    likesDry,
  }
}
