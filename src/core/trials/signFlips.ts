import { random32 } from './random32'

const MOST_EXACT = 200_000
const DRAWS = 50_000
const SEED = 1
const SAME = 1e-10

/**
 * How often a sum as far from 0 comes about if the sign of each difference were chance: all ways up to 200 000, drawn ones
 * beyond, p = (1 + count) / (1 + draws).
 * @param differences at least one; all 0 gives 1
 */
export function signFlips(
  differences: readonly number[],
  { mostExact = MOST_EXACT, draws = DRAWS }: { mostExact?: number; draws?: number } = {},
): number {
  const decided = differences.filter((one) => one !== 0)
  const size = decided.reduce((sum, one) => sum + Math.abs(one), 0)
  const observed = Math.abs(decided.reduce((sum, one) => sum + one, 0))
  const limit = observed - SAME * size
  const ways = 2 ** decided.length
  if (ways <= mostExact) {
    let count = 0
    const walk = (at: number, sum: number): void => {
      const next = decided[at]
      if (next === undefined) {
        if (Math.abs(sum) >= limit) count += 1
        return
      }
      walk(at + 1, sum + next)
      walk(at + 1, sum - next)
    }
    walk(0, 0)
    return count / ways
  }
  const draw = random32(SEED)
  let count = 0
  for (let nth = 0; nth < draws; nth++) {
    let sum = 0
    for (const one of decided) sum += draw(2) === 0 ? one : -one
    if (Math.abs(sum) >= limit) count += 1
  }
  return (1 + count) / (1 + draws)
}
