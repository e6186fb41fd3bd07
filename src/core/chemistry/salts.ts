import { type Component, componentShares } from '../media'
import { requireNumber, requireOneOf, requireWhole } from '../validate'
import { resolveYield } from './blendPh'
import { q10Of, reacted, temperatureFactor } from './release'
import type { Amendment, Dose } from './tables'

/** Ways to read the salts of a medium. */
export const EC_METHODS = ['1:5', '1:2', 'SME', 'pourThrough'] as const
export type EcMethod = (typeof EC_METHODS)[number]

const DILUTIONS: readonly EcMethod[] = ['1:5', '1:2']

/** The same salt level read by each method, dS/m at 25 °C (Warncke 1986; Cavins et al. 2000; EN 13038). */
const SAME_SALTS: Readonly<Record<EcMethod, readonly number[]>> = {
  '1:5': [0, 0.12, 0.35, 0.65, 0.9, 1.1],
  '1:2': [0, 0.25, 0.75, 1.25, 1.75, 2.25],
  SME: [0, 0.75, 2.0, 3.5, 5.0, 6.0],
  pourThrough: [0, 1.0, 2.6, 4.6, 6.5, 7.8],
}

/**
 * Converts an electrical conductivity between extraction methods, dS/m at 25 °C: piecewise linear through the
 * knots, the last slope beyond them.
 * @param waterEc of the water used, taken off first for the dilution methods
 * @throws DomainError for a negative value or an unknown method
 * @example convertEc({ value: 0.5, from: '1:5', to: 'SME' }) // 2.75
 */
export function convertEc({
  value,
  from,
  to,
  waterEc = 0,
}: {
  value: number
  from: EcMethod
  to: EcMethod
  waterEc?: number
}): number {
  requireNumber('The conductivity', value, { min: 0 })
  requireNumber('The conductivity of the water', waterEc, { min: 0 })
  requireOneOf('The method', from, EC_METHODS)
  requireOneOf('The method', to, EC_METHODS)
  const own = DILUTIONS.includes(from) ? Math.max(0, value - waterEc) : value
  const x = SAME_SALTS[from]
  const y = SAME_SALTS[to]
  let piece = 1
  while (piece < x.length - 1 && own > (x[piece] as number)) piece++
  const [x0, x1] = [x[piece - 1] as number, x[piece] as number]
  const [y0, y1] = [y[piece - 1] as number, y[piece] as number]
  return y0 + ((own - x0) * (y1 - y0)) / (x1 - x0)
}

/** How salty a reading is, from rain to brine. */
export type EcBand = 'very low' | 'low' | 'normal' | 'high' | 'very high' | 'extreme'

const BANDS: readonly EcBand[] = ['very low', 'low', 'normal', 'high', 'very high', 'extreme']

/** Where each band begins by each method, dS/m at 25 °C: what plants bear, not how readings compare (Cavins et al. 2000). */
const BAND_STARTS: Readonly<Record<EcMethod, readonly number[]>> = {
  '1:5': [0, 0.12, 0.35, 0.65, 0.9, 1.1],
  '1:2': [0, 0.25, 0.75, 1.25, 1.75, 2.25],
  SME: [0, 0.75, 2.0, 3.5, 5.0, 6.0],
  pourThrough: [0, 1.0, 2.6, 4.6, 6.5, 7.8],
}

/**
 * The band a conductivity falls into; a value on a bound belongs to the band that starts there.
 * @param value dS/m at 25 °C, as read by the method
 * @param waterEc of the water used, taken off first for the dilution methods
 * @throws DomainError for a negative value or an unknown method
 * @example ecBand({ value: 2.2, method: 'SME' }) // 'normal'
 */
export function ecBand({
  value,
  method,
  waterEc = 0,
}: {
  value: number
  method: EcMethod
  waterEc?: number
}): EcBand {
  requireNumber('The conductivity', value, { min: 0 })
  requireNumber('The conductivity of the water', waterEc, { min: 0 })
  requireOneOf('The method', method, EC_METHODS)
  const own = DILUTIONS.includes(method) ? Math.max(0, value - waterEc) : value
  const reached = BAND_STARTS[method].filter((start) => own >= start - 1e-9).length
  return BANDS[Math.max(1, reached) - 1] as EcBand
}

export interface BlendEc {
  /** dS/m at 25 °C. */
  readonly ec1to2: number
  readonly ecSme: number
  readonly fromMedia: number
  readonly fromAmendments: number
  readonly band: EcBand
  readonly volumeYield: number
}

/** 1 g/L released raises the 1:2 reading by this times the salt index, dS/m. */
export const EC_PER_SALT_INDEX = 0.008

/** Share of an amendment's salts in solution after some weeks. */
export function saltsReleased(
  { releaseDays50, kind }: Pick<Amendment, 'releaseDays50' | 'kind'>,
  weeks: number,
  tempC: number,
): number {
  return reacted(weeks * 7 * temperatureFactor(tempC, q10Of(kind)), releaseDays50)
}

/**
 * Electrical conductivity of a mix from its parts and what was weighed in (Bunt 1988 for the salt index).
 * @param weeks after mixing, whole
 */
export function blendEc({
  components,
  volumeYield,
  amendments = [],
  weeks = 4,
  tempC = 20,
}: {
  components: readonly Component[]
  volumeYield?: number | undefined
  amendments?: readonly Dose[]
  weeks?: number
  tempC?: number
}): BlendEc {
  requireWhole('The weeks', weeks, { min: 0, max: 104 })
  requireNumber('The temperature in °C', tempC, { min: -10, max: 45 })
  const shares = componentShares(components)
  const yieldOfMix = resolveYield(shares, volumeYield)
  const fromMedia =
    shares.reduce((sum, { material, share }) => sum + share * material.ec1to2, 0) / yieldOfMix
  const fromAmendments = amendments.reduce((sum, { amendment, gPerL }) => {
    requireNumber(`The dose of ${amendment.name}`, gPerL, { min: 0 })
    const released = saltsReleased(amendment, weeks, tempC)
    return sum + EC_PER_SALT_INDEX * amendment.saltIndex * gPerL * released
  }, 0)
  const ec1to2 = fromMedia + fromAmendments
  return {
    ec1to2,
    ecSme: convertEc({ value: ec1to2, from: '1:2', to: 'SME' }),
    fromMedia,
    fromAmendments,
    band: ecBand({ value: ec1to2, method: '1:2' }),
    volumeYield: yieldOfMix,
  }
}
