import { requireFinite } from '../statistics'
import { signTest } from './signTest'
import { type Verdict, type VerdictReason, verdict } from './verdict'

/** What one crop came to in the control and in the other mix; null where one did not finish. */
export interface SideBySide {
  readonly control: number | null
  readonly treatment: number | null
}

export interface SidesResult {
  /** Crops that did better in the treatment, by the wish. */
  readonly wins: number
  readonly losses: number
  readonly ties: number
  /** Crops of which one side did not finish. */
  readonly missing: number
  /** null where no crop decided for either side. */
  readonly p: number | null
  readonly verdict: Verdict
  readonly reason: VerdictReason | null
}

/**
 * Crops grown side by side, by the exact sign test.
 * @param comparisons mixes that are held against the control: p is multiplied by their number
 * @throws DomainError `not-finite`
 */
export function compareSides({
  pairs,
  wish,
  isVoid,
  comparisons = 1,
}: {
  readonly pairs: readonly SideBySide[]
  readonly wish: 'more' | 'less'
  readonly isVoid: boolean
  readonly comparisons?: number
}): SidesResult {
  const decided = pairs.flatMap(({ control, treatment }) => {
    if (control === null || treatment === null) return []
    const difference = requireFinite('A result', treatment) - requireFinite('A result', control)
    return [wish === 'more' ? difference : -difference]
  })
  const wins = decided.filter((difference) => difference > 0).length
  const losses = decided.filter((difference) => difference < 0).length
  const n = wins + losses
  const p = n === 0 ? null : Math.min(1, signTest(wins, losses).p * comparisons)
  return {
    wins,
    losses,
    ties: decided.length - n,
    missing: pairs.length - decided.length,
    p,
    ...verdict({
      isVoid,
      p,
      smallestP: Math.min(1, 2 * 0.5 ** n * comparisons),
      // Turned the way it is wished already.
      difference: wins - losses,
      wish: 'more',
    }),
  }
}
