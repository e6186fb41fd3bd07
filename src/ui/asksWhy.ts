import type { Problem } from '../messages/problem'

/** Refusals that a reason lifts: something found speaks against it, or lime comes to what does not bear it. */
const LIFTED_BY_A_REASON: readonly string[] = ['barred', 'doubtful', 'limed']

/** Whether what was refused can be done all the same, with a reason that stays visible. */
export function asksWhy(problem: Problem | null): boolean {
  return problem !== null && LIFTED_BY_A_REASON.includes(problem.code)
}
