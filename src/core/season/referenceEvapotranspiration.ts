import { requireNumber } from '../validate'

/** Solar constant, MJ m⁻² min⁻¹. */
const SOLAR = 0.082
/** mm of water that a MJ per m² evaporates. */
const MM_PER_MJ = 0.408

/**
 * Radiation above the air as mm of water a day (Allen et al. 1998, FAO-56, eqs 21 to 25).
 * @param latitudeDeg north positive
 * @param dayOfYear 1 to 366
 * @example extraterrestrialRadiation({ latitudeDeg: 50, dayOfYear: 172 }) // 17
 */
export function extraterrestrialRadiation({
  latitudeDeg,
  dayOfYear,
}: {
  latitudeDeg: number
  dayOfYear: number
}): number {
  requireNumber('The latitude in degrees', latitudeDeg, { min: -90, max: 90 })
  requireNumber('The day of the year', dayOfYear, { min: 1, max: 366 })
  const latitude = (latitudeDeg * Math.PI) / 180
  const turn = (2 * Math.PI * dayOfYear) / 365
  const distance = 1 + 0.033 * Math.cos(turn)
  const declination = 0.409 * Math.sin(turn - 1.39)
  // Beyond the polar circles the sun may not set, or not rise.
  const sunset = Math.acos(Math.min(1, Math.max(-1, -Math.tan(latitude) * Math.tan(declination))))
  const mj =
    ((24 * 60) / Math.PI) *
    SOLAR *
    distance *
    (sunset * Math.sin(latitude) * Math.sin(declination) +
      Math.cos(latitude) * Math.cos(declination) * Math.sin(sunset))
  return Math.max(0, mj * MM_PER_MJ)
}

/**
 * Reference evapotranspiration, mm a day (Hargreaves & Samani 1985).
 * @param tMinC, tMaxC daily minimum and maximum, °C
 * @throws DomainError for impossible places, days or temperatures
 * @example referenceEvapotranspiration({ latitudeDeg: 50, dayOfYear: 196, tMinC: 13, tMaxC: 25 }) // 4.81
 */
export function referenceEvapotranspiration({
  latitudeDeg,
  dayOfYear,
  tMinC,
  tMaxC,
}: {
  latitudeDeg: number
  dayOfYear: number
  tMinC: number
  tMaxC: number
}): number {
  requireNumber('The lowest temperature', tMinC, { min: -60, max: 60 })
  requireNumber('The highest temperature', tMaxC, { min: tMinC, max: 60 })
  const mean = (tMinC + tMaxC) / 2
  const radiation = extraterrestrialRadiation({ latitudeDeg, dayOfYear })
  return Math.max(0, 0.0023 * radiation * (mean + 17.8) * Math.sqrt(tMaxC - tMinC))
}
