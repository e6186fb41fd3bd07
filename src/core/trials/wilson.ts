import { requireShare } from './counts'
import { Z_95 } from './tails'

/**
 * A share with its 95 % interval: Wilson (1927).
 * @throws DomainError `bad-count`, `not-finite`
 */
export function wilson(
  count: number,
  total: number,
): { readonly proportion: number; readonly ci: readonly [number, number] } {
  const [part, whole] = requireShare(count, total)
  const proportion = part / whole
  const z2 = Z_95 * Z_95
  const middle = (proportion + z2 / (2 * whole)) / (1 + z2 / whole)
  const half =
    (Z_95 * Math.sqrt((proportion * (1 - proportion)) / whole + z2 / (4 * whole * whole))) /
    (1 + z2 / whole)
  return { proportion, ci: [part === 0 ? 0 : middle - half, part === whole ? 1 : middle + half] }
}
