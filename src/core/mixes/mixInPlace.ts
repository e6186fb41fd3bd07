import { blendEc, blendPh, type Crop, nitrogenBudget } from '../chemistry'
import { areaAt, type ContainerShape, containerVolume, heightForVolume } from '../containers'
import {
  ageMedia,
  type Blend,
  blendMedia,
  type Component,
  type ContainerCapacity,
  containerCapacity,
  type Material,
} from '../media'
import { type DryDown, dryDown, type GrowingMonth, waterGiven, YOUNG_SHARE } from '../season'
import { requireNumber, requireObject } from '../validate'
import { type Growing, type PlantsInPlace, plantsInPlace } from './growing'

/** Where a container stands, and what is asked of its mix. */
export interface PlaceForMix {
  readonly latitudeDeg: number
  /** The month that asks most of it. */
  readonly dayOfYear: number
  readonly tMinC: number
  readonly tMaxC: number
  readonly seasonMeanTempC: number
  /** The months it is watered in. */
  readonly growing: readonly GrowingMonth[]
  /** 0.4 indoors, 0.7 in sheltered shade, 1 in the open, 1.3 windy or on hot paving. */
  readonly exposureFactor: number
}

export interface MixInPlace {
  readonly blend: Blend
  readonly capacity: ContainerCapacity
  /** With its plants full-grown. */
  readonly dry: DryDown
  /** From draining to the refill point while they are young; null where nothing is lost. */
  readonly daysYoung: number | null
  readonly plants: PlantsInPlace
  /** Over the growing months, L; see waterGiven. */
  readonly waterGivenLitres: number
  /** All pores full, for each m² of floor the container covers, kg. */
  readonly saturatedKgPerM2: number
  readonly ph: number
  readonly buffer: number
  readonly freeLimeGPerL: number
  readonly ecSme: number
  /** Nitrogen that rotting wood can tie up over the crop's weeks, and what the mix sets free itself, mg/L. */
  readonly nitrogen: { readonly tiedUpMgPerL: number; readonly releasedMgPerL: number } | null
  /** What the container holds when filled, L of mix. */
  readonly fillLitres: number
  /** The mix new, and after each further season: its air, and how far its surface has sunk, cm. */
  readonly seasons: readonly { readonly air: number; readonly downCm: number }[]
}

const SEASONS = 4
const MONTHS_PER_SEASON = 7

/**
 * What a mix does in one container in one place: water and air after draining, days between waterings, weights wet and
 * thirsty, pH, salts, nitrogen it ties up, and how it ages in four seasons without being topped up.
 * @param components the mix as it is measured out
 * @param container filled to `fillHeightCm`
 * @param crop for its water use and nitrogen; null for any, by its plant group where one is known
 * @throws DomainError for impossible parts, containers or places
 */
export function mixInPlace({
  components,
  container,
  crop,
  groupId = null,
  place,
  containerKg = 0,
  humifiedFines,
}: Growing & {
  components: readonly Component[]
  container: { readonly shape: ContainerShape; readonly fillHeightCm: number }
  place: PlaceForMix
  containerKg?: number
  humifiedFines: Material
}): MixInPlace {
  requireObject('The container', container)
  requireObject('The place', place)
  const { shape, fillHeightCm } = container
  requireNumber('The fill height in cm', fillHeightCm, { above: 0 })
  const blend = blendMedia({ components })
  const capacity = containerCapacity({ curve: blend.curve, shape, fillHeightCm })
  const standing = { container, crop, groupId, place, containerKg }
  const plants = plantsInPlace({ crop, groupId }, container)
  const dry = dryDownOf(blend, standing, plants)
  const young = dryDownOf(blend, standing, plantsInPlace({ crop, groupId }, container, YOUNG_SHARE))
  const { ph, buffer, freeLimeGPerL } = blendPh({ components })
  const fillLitres = containerVolume({ shape, fillHeightCm })
  const rimCm2 = areaAt({ shape, zCm: shape.heightCm })
  return {
    blend,
    capacity,
    dry,
    daysYoung: young.days,
    plants,
    waterGivenLitres: waterGiven({
      ...plants,
      months: place.growing,
      latitudeDeg: place.latitudeDeg,
      rimCm2,
      exposureFactor: place.exposureFactor,
    }),
    saturatedKgPerM2: (10_000 * dry.saturatedKg) / rimCm2,
    ph,
    buffer,
    freeLimeGPerL,
    ecSme: blendEc({ components }).ecSme,
    nitrogen: nitrogenOf(components, crop, place.seasonMeanTempC),
    fillLitres,
    seasons: seasonsOf(
      components,
      shape,
      fillHeightCm,
      fillLitres,
      place.seasonMeanTempC,
      humifiedFines,
    ),
  }
}

type Standing = Pick<
  Parameters<typeof mixInPlace>[0],
  'container' | 'crop' | 'groupId' | 'place' | 'containerKg'
>

function dryDownOf(
  { curve, bulkDensity }: Blend,
  { container, place, containerKg = 0 }: Standing,
  { canopyCm2, kc, refillSuctionCm }: PlantsInPlace,
): DryDown {
  const { seasonMeanTempC: _mean, growing: _growing, ...weather } = place
  return dryDown({
    ...weather,
    ...container,
    curve,
    bulkDensity,
    canopyCm2,
    kc,
    refillSuctionCm,
    containerKg,
  })
}

/** Days from draining to the refill point; as many as there are where nothing is lost. */
export function daysBetweenWaterings({
  components,
  ...standing
}: Standing & { components: readonly Component[] }): number {
  const plants = plantsInPlace(standing, standing.container)
  return dryDownOf(blendMedia({ components }), standing, plants).days ?? Number.MAX_VALUE
}

function nitrogenOf(components: readonly Component[], crop: Crop | null, tempC: number) {
  if (!crop) return null
  const { weeks, releasedMgPerL } = nitrogenBudget({ components, crop, weeklyMeanTempC: tempC })
  const tiedUpMgPerL = weeks.reduce((sum, { immobilisable }) => sum + immobilisable, 0)
  return { tiedUpMgPerL, releasedMgPerL }
}

/** A fill that is left to itself sinks as it rots; its air is that of what is left, at the height it has sunk to. */
function seasonsOf(
  components: readonly Component[],
  shape: ContainerShape,
  fillHeightCm: number,
  fillLitres: number,
  meanTempC: number,
  humifiedFines: Material,
): { air: number; downCm: number }[] {
  return Array.from({ length: SEASONS }, (_, season) => {
    const { curve, volumeRatio } = ageMedia({
      components,
      months: season * MONTHS_PER_SEASON,
      meanTempC,
      humifiedFines,
    })
    const heightCm = heightForVolume({ shape, litres: fillLitres * Math.min(1, volumeRatio) })
    const { airFraction } = containerCapacity({ curve, shape, fillHeightCm: heightCm })
    return { air: airFraction, downCm: Math.max(0, fillHeightCm - heightCm) }
  })
}
