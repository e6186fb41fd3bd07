import { DomainError } from '../errors'
import { requireFinite, requireList, requireShare, twoSidedZ } from '../statistics'

/**
 * Whether a share rises or falls with the dose: Cochran (1954), Armitage (1955), scores as given, N, no correction.
 * Positive where it rises.
 * @throws DomainError `too-few` below two different doses, `bad-argument` for lists of different length, `bad-count`,
 *   `not-finite`
 * @example cochranArmitage([0, 25, 50], [1, 3, 7], [10, 10, 10]) // { z: 2.78, p: 0.00537 }
 */
export function cochranArmitage(
  doses: readonly number[],
  counts: readonly number[],
  totals: readonly number[],
): { readonly z: number; readonly p: number } {
  for (const list of [doses, counts, totals]) requireList('Doses, counts and totals', list)
  if (doses.length !== counts.length || doses.length !== totals.length) {
    throw new DomainError('bad-argument', 'Each dose needs one count and one total.')
  }
  for (const dose of doses) requireFinite('Each dose', dose)
  const rows = doses.map((dose, at) => {
    const [count, total] = requireShare(counts[at], totals[at])
    return { dose, count, total }
  })
  if (new Set(doses).size < 2) throw new DomainError('too-few', 'At least two doses are needed.')
  const all = rows.reduce((sum, { total }) => sum + total, 0)
  const share = rows.reduce((sum, { count }) => sum + count, 0) / all
  if (share === 0 || share === 1) return { z: 0, p: 1 }
  const meanDose = rows.reduce((sum, { total, dose }) => sum + total * dose, 0) / all
  // Doses about their mean: the sum is the same, and far off doses lose no digits.
  const trend = rows.reduce(
    (sum, { dose, count, total }) => sum + (dose - meanDose) * (count - total * share),
    0,
  )
  const spread = rows.reduce((sum, { dose, total }) => sum + total * (dose - meanDose) ** 2, 0)
  const z = trend / Math.sqrt(share * (1 - share) * spread)
  return { z, p: twoSidedZ(z) }
}
