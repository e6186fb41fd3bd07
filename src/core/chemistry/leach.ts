import { DomainError } from '../errors'
import { requireNumber } from '../validate'

const PASSES = 3

export interface Leaching {
  /** Water for the whole batch, L. */
  readonly litres: number
  readonly passes: number
  readonly litresPerPass: number
}

/**
 * Water that washes salts out, in three slow passes: the media's water is displaced exponentially and half of
 * what is poured does the work (Handreck & Black 2010).
 * @param ec present, `target` wanted, `waterEc` of the water used: saturated media extract, dS/m
 * @param waterFraction water held by the media, share of its volume in (0, 1)
 * @throws DomainError `out-of-range` where the water itself is saltier than the target
 * @example leach({ ec: 4, target: 2, mediaLitres: 20, waterFraction: 0.5, waterEc: 0.3 }) // { litres: 15.6, passes: 3, litresPerPass: 5.18 }
 */
export function leach({
  ec,
  target,
  mediaLitres,
  waterFraction,
  waterEc = 0,
  efficiency = 0.5,
}: {
  ec: number
  target: number
  mediaLitres: number
  waterFraction: number
  waterEc?: number
  efficiency?: number
}): Leaching {
  requireNumber('The conductivity', ec, { min: 0 })
  requireNumber('The conductivity wanted', target, { above: 0 })
  requireNumber('The litres of media', mediaLitres, { above: 0 })
  requireNumber('The water held', waterFraction, { above: 0, below: 1 })
  requireNumber('The conductivity of the water', waterEc, { min: 0 })
  requireNumber('The efficiency', efficiency, { above: 0, max: 1 })
  if (target >= ec) return { litres: 0, passes: 0, litresPerPass: 0 }
  if (target <= waterEc) {
    throw new DomainError('out-of-range', 'This water is as salty as the target: use rain water.')
  }
  const volumes = Math.log((ec - waterEc) / (target - waterEc))
  const litres = (volumes * mediaLitres * waterFraction) / efficiency
  return { litres, passes: PASSES, litresPerPass: litres / PASSES }
}
