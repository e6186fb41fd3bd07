import type { LotTriage } from './triageOfLot'

type Judged = Pick<LotTriage, 'mixWith' | 'reasons'> & Partial<Pick<LotTriage, 'hold'>>

/**
 * Whether two lots may come together in one heap: by what was found in them, a doubtful one joins only a lot with the very
 * same problems, or none at all.
 * @param lots triage of each; null where nothing was found
 */
export function mayMix(one: Judged | null, other: Judged | null): boolean {
  // What is kept apart joins nothing until its day.
  if (one?.hold || other?.hold) return false
  const strictest = [one, other].map((triage) => triage?.mixWith ?? 'any')
  if (strictest.includes('none')) return false
  if (!strictest.includes('same-problem')) return true
  const problems = (triage: Judged | null) =>
    [...new Set((triage?.reasons ?? []).map(({ problemId }) => problemId))].sort().join(' ')
  return problems(one) === problems(other)
}
