import { DomainError } from '../errors'
import { requireIn } from '../statistics'
import { fisherExact } from './fisherExact'

const SHOWN = 0.05
const MOST_SEEDS = 200
const STEPS = 1000

/**
 * Share of seeds in a treatment that a trial would show to differ from the control's, with the power asked for: from the
 * control's share downwards, by Fisher's exact test over every pair of counts that can come (binomial).
 * @param nControl seeds in all pots of the control, at most 200; likewise the treatment
 * @param controlShare share expected in the control, 0 to 1
 * @param comparisons treatments against one control: 5 % is shared out among them
 * @returns the highest share that is shown; null where not even 0 would be
 * @throws DomainError `bad-argument`, `not-finite`
 */
export function countFindable({
  nControl,
  nTreatment,
  controlShare,
  power = 0.8,
  comparisons = 1,
}: {
  readonly nControl: number
  readonly nTreatment: number
  readonly controlShare: number
  readonly power?: number
  readonly comparisons?: number
}): number | null {
  requireIn('The seeds of the control', nControl, 1, MOST_SEEDS)
  requireIn('The seeds of the treatment', nTreatment, 1, MOST_SEEDS)
  requireIn('The comparisons', comparisons, 1, 1000)
  if (!(controlShare > 0 && controlShare <= 1) || !(power > 0 && power < 1)) {
    throw new DomainError('bad-argument', 'The share and the power lie between 0 and 1.')
  }
  // With fewer in the treatment the p only falls: the highest count that is still shown, by what came up in the control.
  const alpha = SHOWN / comparisons
  const shownUpTo = Array.from({ length: nControl + 1 }, (_, up) =>
    highestShown(up, nControl, nTreatment, alpha),
  )
  const controls = binomial(nControl, controlShare)
  const reached = (share: number) => {
    const below = cumulative(binomial(nTreatment, share))
    return controls.reduce((sum, chance, up) => {
      const most = shownUpTo[up] ?? -1
      return most < 0 ? sum : sum + chance * (below[most] as number)
    }, 0)
  }
  if (reached(0) < power) return null
  let [low, high] = [0, Math.round(controlShare * STEPS)]
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2)
    if (reached(middle / STEPS) >= power) low = middle
    else high = middle
  }
  return low / STEPS
}

/** -1 where no count is low enough. */
function highestShown(up: number, nControl: number, nTreatment: number, alpha: number): number {
  let [low, high] = [-1, Math.floor((up / nControl) * nTreatment) + 1]
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2)
    const { p } = fisherExact(middle, nTreatment - middle, up, nControl - up)
    if (p < alpha && middle / nTreatment < up / nControl) low = middle
    else high = middle
  }
  return low
}

/** Chances of 0 … n, by the ratio of neighbours from the largest on, so that nothing underflows. */
function binomial(n: number, share: number): number[] {
  const chances = new Array<number>(n + 1).fill(0)
  const top = Math.min(n, Math.floor((n + 1) * share))
  chances[top] = 1
  const odds = share / (1 - share)
  for (let k = top; k < n && share < 1; k++) {
    chances[k + 1] = ((chances[k] as number) * (n - k) * odds) / (k + 1)
  }
  for (let k = top; k > 0 && share > 0 && share < 1; k--) {
    chances[k - 1] = ((chances[k] as number) * k) / ((n - k + 1) * odds)
  }
  const sum = chances.reduce((all, one) => all + one, 0)
  return chances.map((one) => one / sum)
}

function cumulative(chances: readonly number[]): number[] {
  let sum = 0
  return chances.map((one) => {
    sum += one
    return sum
  })
}
