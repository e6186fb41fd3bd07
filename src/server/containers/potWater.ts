import type { ContainerShape } from '../../core/containers'
import { blendMedia } from '../../core/media'
import { LOSS_RANGE, plantsInPlace } from '../../core/mixes'
import { type DryDown, dryDown, EXPOSURE_FACTORS, type Exposure } from '../../core/season'
import { DAY_MS } from '../../core/units'
import { whyInput } from '../../core/why'
import type { Planting } from '../../data/season'
import type { Site } from '../../data/site'
import type { PotPage } from '../../messages/containers/potViews'
import type { LotFacts, Tables } from '../lots'

/** A mix in a pot at a place, on a day. */
export interface Standing {
  readonly shape: ContainerShape
  readonly fillHeightCm: number
  readonly exposure: Exposure
  /** ISO. */
  readonly on: string
}

type Crop = NonNullable<LotFacts['crop']>

/**
 * How the pot dries out in the weather of that month with the plants full-grown.
 * @param canopyCm2 of plants that were grown elsewhere; what would fill the pot where it is left out
 */
export function dryDownIn(
  { shape, fillHeightCm, exposure, on }: Standing,
  { components, hydraulics }: Pick<LotFacts, 'components' | 'hydraulics'>,
  crop: Crop,
  site: Site,
  canopyCm2?: number,
): (DryDown & { readonly canopyCm2: number; readonly kc: number }) | null {
  const climate = site.climateByMonth[Number(on.slice(5, 7)) - 1]
  if (!hydraulics || components.length === 0 || !climate) return null
  const plants = plantsInPlace({ crop }, { shape, fillHeightCm })
  const canopy = canopyCm2 ?? plants.canopyCm2
  const dry = dryDown({
    shape,
    fillHeightCm,
    curve: hydraulics.curve,
    bulkDensity: blendMedia({ components }).bulkDensity,
    latitudeDeg: site.latitudeDeg,
    dayOfYear: dayOfYear(on),
    tMinC: climate.tMinC,
    tMaxC: climate.tMaxC,
    kc: plants.kc,
    canopyCm2: canopy,
    refillSuctionCm: plants.refillSuctionCm,
    exposureFactor: EXPOSURE_FACTORS[exposure],
  })
  return { ...dry, canopyCm2: canopy, kc: plants.kc }
}

/** How long it lasts in this month's weather, and what it weighs wet and thirsty, without the pot itself. */
export function potWater(
  standing: Standing,
  facts: LotFacts,
  [planting]: readonly Planting[],
  { crops }: Tables,
  site: Site,
): PotPage['water'] {
  const crop = planting && crops.get(planting.cropId)
  const dry = crop && dryDownIn(standing, facts, crop, site)
  if (!dry || dry.days === null) return null
  return {
    month: Number(standing.on.slice(5, 7)) - 1,
    days: dry.days,
    low: dry.days / LOSS_RANGE,
    high: dry.days * LOSS_RANGE,
    wetKg: dry.heftCapacityKg,
    thirstyKg: dry.heftRefillKg,
    why: {
      days: {
        rule: 'pot.days',
        source: 'drift',
        range: [dry.days / LOSS_RANGE, dry.days * LOSS_RANGE],
        rangeUnit: 'days',
        inputs: [
          whyInput('usableWater', dry.usableLitres, 'L'),
          whyInput('waterLost', dry.lossLPerDay, 'L'),
          whyInput('et0', dry.et0MmPerDay, 'mm/d'),
          whyInput('canopy', dry.canopyCm2, 'cm²'),
          whyInput('cropFactor', dry.kc, 'times'),
          whyInput('exposure', EXPOSURE_FACTORS[standing.exposure], 'times'),
        ],
      },
      weight: {
        rule: 'mix.weight',
        source: 'packing',
        inputs: [
          whyInput('usableWater', dry.usableLitres, 'L'),
          whyInput('kgSaturated', dry.saturatedKg, 'kg'),
        ],
      },
    },
  }
}

function dayOfYear(isoDay: string): number {
  return Math.round((Date.parse(isoDay) - Date.parse(`${isoDay.slice(0, 4)}-01-01`)) / DAY_MS) + 1
}
