import { requireNumber } from '../validate'
import { referenceEvapotranspiration } from './referenceEvapotranspiration'

/** A month's weather where a container stands. */
export interface GrowingMonth {
  readonly dayOfYear: number
  readonly tMinC: number
  readonly tMaxC: number
  readonly rainMm: number
}

const DAYS_PER_MONTH = 30.4
/** Of what is poured, so much runs through: nobody waters to the drop. */
const LEACHED_SHARE = 0.2

/**
 * Water a container is given over its growing months, L: what is lost and what runs through, less the rain that falls on
 * the rim. The canopy may reach far beyond the rim; what falls there misses the pot.
 * @param canopyCm2 of the plants; at least the rim counts
 * @throws DomainError for impossible weather or areas
 */
export function waterGiven({
  months,
  latitudeDeg,
  kc,
  canopyCm2,
  rimCm2,
  exposureFactor = 1,
}: {
  readonly months: readonly GrowingMonth[]
  readonly latitudeDeg: number
  readonly kc: number
  readonly canopyCm2: number
  readonly rimCm2: number
  readonly exposureFactor?: number
}): number {
  requireNumber('The crop factor', kc, { min: 0, max: 3 })
  requireNumber('The canopy in cm²', canopyCm2, { min: 0 })
  requireNumber('The rim in cm²', rimCm2, { above: 0 })
  requireNumber('The exposure', exposureFactor, { min: 0, max: 5 })
  const canopyM2 = Math.max(canopyCm2, rimCm2) / 10_000
  return months.reduce((litres, { rainMm, ...weather }) => {
    const et0MmPerDay = referenceEvapotranspiration({ latitudeDeg, ...weather })
    const lost = et0MmPerDay * DAYS_PER_MONTH * kc * exposureFactor * canopyM2
    const rain = (requireNumber('The rain in mm', rainMm, { min: 0 }) * rimCm2) / 10_000
    return litres + Math.max(0, lost / (1 - LEACHED_SHARE) - rain)
  }, 0)
}
