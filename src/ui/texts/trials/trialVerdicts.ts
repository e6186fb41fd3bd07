import type { Verdict } from '../../../core/trials'

/** What is said of a mix by a trial, in two words. */
export const trialVerdicts = {
  void: 'void',
  verdicts: {
    better: 'better',
    worse: 'worse',
    'no-difference': 'no difference shown',
    'cannot-tell': 'cannot tell',
  } satisfies Record<Verdict, string>,
} as const
