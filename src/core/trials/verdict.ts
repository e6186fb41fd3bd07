import { DomainError } from '../errors'
import { requireCount } from '../statistics'
import { countArrangements } from './arrangements'
import { fisherExact } from './fisherExact'

export type Verdict = 'better' | 'worse' | 'no-difference' | 'cannot-tell'

/** Why nothing can be told. */
export type VerdictReason = 'void' | 'no-p' | 'too-small' | 'few-trays'

export interface VerdictInput {
  /** The control did not reach what it had to. */
  readonly isVoid: boolean
  /** Of this treatment: Welch's for one, max-T's for several, Fisher's for counts; null where it is not defined. */
  readonly p: number | null
  /** Smallest p that the test could give with these pots. */
  readonly smallestP: number
  /** Treatment less control. */
  readonly difference: number
  /** Which way the grower wishes it to go. */
  readonly wish: 'more' | 'less'
}

const SHOWN = 0.05

/** What may be said of a treatment, no more than its pots can carry. @throws DomainError `bad-argument` */
export function verdict({ isVoid, p, smallestP, difference, wish }: VerdictInput): {
  readonly verdict: Verdict
  readonly reason: VerdictReason | null
} {
  if (p !== null && !(p >= 0 && p <= 1)) {
    throw new DomainError('bad-argument', 'A p value lies from 0 to 1.')
  }
  if (isVoid) return { verdict: 'cannot-tell', reason: 'void' }
  if (p === null) return { verdict: 'cannot-tell', reason: 'no-p' }
  if (smallestP >= SHOWN) return { verdict: 'cannot-tell', reason: 'too-small' }
  if (p >= SHOWN || difference === 0) return { verdict: 'no-difference', reason: null }
  const isWished = wish === 'more' ? difference > 0 : difference < 0
  return { verdict: isWished ? 'better' : 'worse', reason: null }
}

/**
 * Smallest p that max-T could give a treatment: its own arrangement, and the one with the labels of treatment and control
 * exchanged where they have as many pots (in every block).
 * @param sizes used pots by group, the control first; by block where there are blocks
 * @param draws as drawn where the arrangements are too many to look at all
 */
export function smallestMaxTP(
  sizes: readonly (readonly number[])[],
  treatment: number,
  draws = 50_000,
): number {
  // Where only one stands in a block, nothing is exchanged.
  const exchanged = sizes.filter((ofGroup) => ofGroup.filter((n) => n > 0).length > 1)
  const exchanges = exchanged.map((ofGroup) => ({ from: 0, to: 0, ofGroup }))
  const arrangements = countArrangements(exchanges)
  const mirrored = exchanged.every((ofGroup) => ofGroup[0] === ofGroup[treatment])
  const least = (mirrored ? 2 : 1) / arrangements
  return arrangements > 200_000 ? Math.max(least, 1 / (1 + draws)) : Math.min(1, least)
}

/**
 * Smallest p that Fisher's test could give for so many pots on each side. @throws DomainError `bad-count`
 * @example smallestFisherP(4, 4) // 0.0286
 */
export function smallestFisherP(nTreatment: number, nControl: number): number {
  const [one, other] = [
    requireCount('The pots of the treatment', nTreatment),
    requireCount('The pots of the control', nControl),
  ]
  if (one === 0 || other === 0) return 1
  return fisherExact(one, 0, 0, other).p
}
