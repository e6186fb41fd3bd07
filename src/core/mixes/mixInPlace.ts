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
import { type DryDown, dryDown } from '../season'
import { requireNumber, requireObject } from '../validate'

/** Where a container stands, and what is asked of its mix. */
export interface PlaceForMix {
  readonly latitudeDeg: number
  /** The month that asks most of it. */
  readonly dayOfYear: number
  readonly tMinC: number
  readonly tMaxC: number
  readonly seasonMeanTempC: number
  /** 0.7 in sheltered shade, 1 in the open, 1.3 windy or on hot paving. */
  readonly exposureFactor: number
}

export interface MixInPlace {
  readonly blend: Blend
  readonly capacity: ContainerCapacity
  readonly dry: DryDown
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
const DRY_LOVERS_REFILL_CM = 100
const REFILL_CM = 50

/**
 * What a mix does in one container in one place: water and air after draining, days between waterings, weights wet and
 * thirsty, pH, salts, nitrogen it ties up, and how it ages in four seasons without being topped up.
 * @param components the mix as it is measured out
 * @param container filled to `fillHeightCm`
 * @param crop for its water use and nitrogen; null for any
 * @throws DomainError for impossible parts, containers or places
 */
export function mixInPlace({
  components,
  container,
  crop,
  place,
  containerKg = 0,
  humifiedFines,
}: {
  components: readonly Component[]
  container: { readonly shape: ContainerShape; readonly fillHeightCm: number }
  crop: Crop | null
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
  const dry = dryDownOf(blend, { container, crop, place, containerKg })
  const { ph, buffer, freeLimeGPerL } = blendPh({ components })
  const fillLitres = containerVolume({ shape, fillHeightCm })
  const floorM2 = areaAt({ shape, zCm: shape.heightCm }) / 10_000
  return {
    blend,
    capacity,
    dry,
    saturatedKgPerM2: dry.saturatedKg / floorM2,
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
  'container' | 'crop' | 'place' | 'containerKg'
>

function dryDownOf(
  { curve, bulkDensity }: Blend,
  { container, crop, place, containerKg = 0 }: Standing,
): DryDown {
  const { seasonMeanTempC, ...weather } = place
  return dryDown({
    ...weather,
    ...container,
    curve,
    bulkDensity,
    kc: crop?.kc ?? 1,
    refillSuctionCm: crop?.waterPreference === 'dry-between' ? DRY_LOVERS_REFILL_CM : REFILL_CM,
    containerKg,
  })
}

/** Days from draining to the refill point; as many as there are where nothing is lost. */
export function daysBetweenWaterings({
  components,
  ...standing
}: Standing & { components: readonly Component[] }): number {
  return dryDownOf(blendMedia({ components }), standing).days ?? Number.MAX_VALUE
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
