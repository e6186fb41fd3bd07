import { convertEc, type EcBand, type EcMethod, ecAt25, ecBand } from '../chemistry'
import { DomainError } from '../errors'
import { requireNumber } from '../validate'
import { type PenCalibration, type PenTrust, penTrust } from './penTrust'

export interface MeterObservation {
  readonly method: EcMethod
  /** As the meter showed it; null where it was not read. */
  readonly ph: number | null
  readonly ecDsPerM: number | null
  readonly tempC: number
  /** The meter shows conductivity as at 25 °C already. */
  readonly compensated: boolean
  /** Of the water used, dS/m at 25 °C; it is taken off for the two dilutions. */
  readonly waterEcDsPerM: number
  readonly calibration: PenCalibration | null
}

export interface MeterReading {
  readonly ph: number | null
  readonly trust: PenTrust | null
  readonly ecAt25: number | null
  /** The same salt level as each method would show it, dS/m at 25 °C. */
  readonly ecBy: Readonly<Record<EcMethod, number>> | null
  readonly band: EcBand | null
}

const METHODS: readonly EcMethod[] = ['1:2', '1:5', 'SME', 'pourThrough']

/**
 * A pH and conductivity as they were read, made comparable: at 25 °C, by every method, with its band, and whether the pen
 * can be trusted.
 * @throws DomainError for values no meter shows, `too-few` where neither was read
 */
export function meterReading({
  method,
  ph,
  ecDsPerM,
  tempC,
  compensated,
  waterEcDsPerM,
  calibration,
}: MeterObservation): MeterReading {
  if (ph === null && ecDsPerM === null) {
    throw new DomainError('too-few', 'Read the pH, the conductivity, or both.')
  }
  if (ph !== null) requireNumber('The pH', ph, { min: 2, max: 12 })
  requireNumber('The temperature in °C', tempC, { min: 0, max: 50 })
  const trust = ph === null ? null : penTrust({ calibration, ph })
  if (ecDsPerM === null) return { ph, trust, ecAt25: null, ecBy: null, band: null }
  const salts = saltReading({ method, ecDsPerM, tempC, compensated, waterEcDsPerM })
  return { ph, trust, ...salts }
}

/**
 * A conductivity as it was read, at 25 °C, as every method would show it, with its band.
 * @throws DomainError for values no meter shows
 * @example saltReading({ method: '1:2', ecDsPerM: 0.8, tempC: 20, compensated: false, waterEcDsPerM: 0 }).ecAt25 // 0.884
 */
export function saltReading({
  method,
  ecDsPerM,
  tempC,
  compensated,
  waterEcDsPerM,
}: Omit<MeterObservation, 'ph' | 'calibration' | 'ecDsPerM'> & {
  readonly ecDsPerM: number
}): Pick<MeterReading, 'ecAt25'> & {
  readonly ecBy: NonNullable<MeterReading['ecBy']>
  readonly band: EcBand
} {
  requireNumber('The temperature in °C', tempC, { min: 0, max: 50 })
  requireNumber('The conductivity in dS/m', ecDsPerM, { min: 0, max: 30 })
  const at25 = compensated ? ecDsPerM : ecAt25({ ec: ecDsPerM, tempC })
  const by = (to: EcMethod) =>
    to === method ? at25 : convertEc({ value: at25, from: method, to, waterEc: waterEcDsPerM })
  return {
    ecAt25: at25,
    ecBy: Object.fromEntries(METHODS.map((to) => [to, by(to)])) as Record<EcMethod, number>,
    band: ecBand({
      value: convertEc({ value: at25, from: method, to: 'SME', waterEc: waterEcDsPerM }),
      method: 'SME',
    }),
  }
}
