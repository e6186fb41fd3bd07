import { requireShare } from './counts'
import { Z_95, zAt } from './tails'

/**
 * A share with its interval, 95 % where nothing else is asked: Wilson (1927).
 * @throws DomainError `bad-count`, `not-finite`
 * @example wilson(8, 10) // { proportion: 0.8, ci: [0.49, 0.943] }
 */
export function wilson(
  count: number,
  total: number,
  confidence = 0.95,
): { readonly proportion: number; readonly ci: readonly [number, number] } {
  const [part, whole] = requireShare(count, total)
  const proportion = part / whole
  const z = confidence === 0.95 ? Z_95 : zAt((1 + confidence) / 2)
  const z2 = z * z
  const middle = (proportion + z2 / (2 * whole)) / (1 + z2 / whole)
  const half =
    (z * Math.sqrt((proportion * (1 - proportion)) / whole + z2 / (4 * whole * whole))) /
    (1 + z2 / whole)
  return { proportion, ci: [part === 0 ? 0 : middle - half, part === whole ? 1 : middle + half] }
}
