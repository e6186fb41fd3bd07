import { DomainError } from '../errors'
import { requireNumber } from '../validate'

/** Of an ideal electrode at 25 °C, mV per pH (Nernst). */
const IDEAL_SLOPE_MV = 59.16
const KELVIN_AT_25 = 298.15
const TRUSTED_DAYS = 14
const SLOPE_PERCENT = { low: 85, high: 105 } as const
const ALKALINE_PH = 7.5
const ALKALINE_BUFFER = 10.01
const SAME_BUFFER = 0.2

/** A buffer and what the electrode showed in it. */
export interface BufferReading {
  readonly ph: number
  /** null where the pen does not tell. */
  readonly millivolts: number | null
}

export interface PenCalibration {
  /** Days between it and the reading. */
  readonly daysAgo: number
  readonly buffers: readonly BufferReading[]
  readonly tempC: number
}

export type PenDoubt = 'never calibrated' | 'one buffer' | 'too long ago' | 'slope' | 'alkaline'

export interface PenTrust {
  readonly trusted: boolean
  readonly doubts: readonly PenDoubt[]
  /** Per cent of the ideal; null where the pen tells no millivolts. */
  readonly slopePercent: number | null
}

/**
 * Whether a pH reading can be trusted: two buffers within 14 days, a slope of 85 to 105 % of 59.16 mV per pH at 25 °C,
 * and for alkaline readings the alkaline buffer too. An uncertain reading is kept, and marked.
 * @param calibration the last one before the reading; null where there was none
 * @param ph that was read
 * @throws DomainError for impossible buffers
 */
export function penTrust({
  calibration,
  ph,
}: {
  calibration: PenCalibration | null
  ph: number
}): PenTrust {
  requireNumber('The pH', ph, { min: 0, max: 14 })
  if (!calibration) return { trusted: false, doubts: ['never calibrated'], slopePercent: null }
  const { daysAgo, buffers } = calibration
  requireNumber('The days since it was calibrated', daysAgo, { min: 0 })
  const slopePercent = penSlope(calibration)
  const doubts: PenDoubt[] = []
  if (differentBuffers(buffers) < 2) doubts.push('one buffer')
  if (daysAgo > TRUSTED_DAYS) doubts.push('too long ago')
  if (
    slopePercent !== null &&
    (slopePercent < SLOPE_PERCENT.low || slopePercent > SLOPE_PERCENT.high)
  ) {
    doubts.push('slope')
  }
  const alkaline = buffers.some((one) => Math.abs(one.ph - ALKALINE_BUFFER) < SAME_BUFFER)
  if (ph > ALKALINE_PH && !alkaline) doubts.push('alkaline')
  return { trusted: doubts.length === 0, doubts, slopePercent }
}

/**
 * Slope of an electrode in per cent of the ideal at its temperature, by least squares over its buffers (ISO 10523); null
 * with fewer than two millivolts.
 * @example penSlope({ buffers: [{ ph: 7, millivolts: 0 }, { ph: 4.01, millivolts: 170 }], tempC: 25 }) // 96.1
 */
export function penSlope({
  buffers,
  tempC,
}: Pick<PenCalibration, 'buffers' | 'tempC'>): number | null {
  requireNumber('The temperature', tempC, { min: 0, max: 60 })
  for (const { ph } of buffers) requireNumber('The pH of a buffer', ph, { min: 1, max: 13 })
  const readings = buffers.flatMap(({ ph, millivolts }) =>
    millivolts === null
      ? []
      : [{ ph, mv: requireNumber('The millivolts', millivolts, { min: -600, max: 600 }) }],
  )
  if (differentBuffers(readings) < 2) return null
  const meanPh = readings.reduce((sum, { ph }) => sum + ph, 0) / readings.length
  const meanMv = readings.reduce((sum, { mv }) => sum + mv, 0) / readings.length
  const above = readings.reduce((sum, { ph, mv }) => sum + (ph - meanPh) * (mv - meanMv), 0)
  const below = readings.reduce((sum, { ph }) => sum + (ph - meanPh) ** 2, 0)
  const slope = -above / below
  if (!Number.isFinite(slope)) throw new DomainError('bad-argument', 'The buffers are the same.')
  const ideal = IDEAL_SLOPE_MV * ((tempC + 273.15) / KELVIN_AT_25)
  return (100 * slope) / ideal
}

function differentBuffers(buffers: readonly { readonly ph: number }[]): number {
  return new Set(buffers.map(({ ph }) => Math.round(ph / SAME_BUFFER))).size
}
