import { requireNumber } from '../validate'

/** Conductivity rises by this share for each °C (EN 13038). */
const PER_DEGREE = 0.019

/**
 * What a conductivity would read at 25 °C, dS/m, from a reading at another temperature.
 * @param ec as read, dS/m, at least 0
 * @param tempC of the liquid, 0 to 50 °C
 * @throws DomainError for values outside these ranges
 * @example ecAt25({ ec: 1.0, tempC: 15 }) // 1.23
 */
export function ecAt25({ ec, tempC }: { ec: number; tempC: number }): number {
  requireNumber('The conductivity', ec, { min: 0 })
  requireNumber('The temperature in °C', tempC, { min: 0, max: 50 })
  return ec / (1 + PER_DEGREE * (tempC - 25))
}
