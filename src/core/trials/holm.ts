import { DomainError } from '../errors'
import { requireFinite, requireList } from '../statistics'

/**
 * Holm's (1979) step-down adjustment: in the order given, capped at 1; null stays null and is not counted.
 * @throws DomainError `bad-argument` outside [0, 1], `not-finite`
 */
export function holm(pValues: readonly (number | null)[]): (number | null)[] {
  requireList('The p values', pValues)
  const counted = pValues.flatMap((p, at) => {
    if (p === null) return []
    requireFinite('Each p value', p)
    if (p < 0 || p > 1) throw new DomainError('bad-argument', 'Each p value lies from 0 to 1.')
    return [{ p, at }]
  })
  const adjusted: (number | null)[] = pValues.map(() => null)
  let highest = 0
  counted
    .sort((a, b) => a.p - b.p)
    .forEach(({ p, at }, rank) => {
      highest = Math.max(highest, Math.min(1, (counted.length - rank) * p))
      adjusted[at] = highest
    })
  return adjusted
}
