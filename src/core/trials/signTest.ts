import { DomainError } from '../errors'
import { atLeastHeads, requireCount } from '../statistics'

/**
 * Crops in which one side did better, against those in which the other did; ties are left out and counted.
 * @throws DomainError `too-few` where nothing was decided, `bad-count`, `not-finite`
 * @example signTest(8, 1).p // 0.0391
 */
export function signTest(
  wins: number,
  losses: number,
  ties = 0,
): { readonly n: number; readonly ties: number; readonly p: number } {
  const [won, lost] = [requireCount('The wins', wins), requireCount('The losses', losses)]
  requireCount('The ties', ties)
  const n = won + lost
  if (n === 0) throw new DomainError('too-few', 'No crop decided for either side.')
  return { n, ties, p: Math.min(1, 2 * atLeastHeads(Math.max(won, lost), n)) }
}
