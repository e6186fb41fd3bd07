import type { Found, LotTriage } from '../../core/recondition'
import type { FoundView, ProblemChoice, TriageView } from '../../messages/media/found'
import type { Tables } from './lotFacts'

/** What was found, worst first. */
export function foundViews(
  found: readonly Found[],
  { problems }: Pick<Tables, 'problems'>,
): FoundView[] {
  const severity = ({ problemId, state }: Found) =>
    state === 'trouble'
      ? 10 + (problems.get(problemId ?? '')?.severity ?? 0)
      : state === 'known'
        ? 1
        : 0
  return [...found]
    .sort((a, b) => severity(b) - severity(a) || b.at - a.at)
    .map(({ kind, state, problemId, numbers, word, families, on, origin }) => ({
      kind,
      state,
      problemName: problemId === null ? null : (problems.get(problemId)?.name ?? problemId),
      numbers,
      word: word ?? null,
      families: families ?? [],
      on,
      testId: origin.kind === 'test' ? origin.testId : null,
      seenId: origin.kind === 'seen' ? origin.id : null,
      note: origin.kind === 'seen' ? origin.note : null,
      from:
        origin.kind === 'carried'
          ? {
              lotId: origin.fromLotId,
              name: origin.fromName,
              share: origin.share,
              certainty: origin.certainty,
            }
          : null,
    }))
}

export function triageView(
  triage: LotTriage | null,
  { problems }: Pick<Tables, 'problems'>,
): TriageView | null {
  return (
    triage && {
      ...triage,
      reasons: triage.reasons.map(({ problemId, rule }) => ({
        problemName: problems.get(problemId)?.name ?? problemId,
        rule,
      })),
    }
  )
}

export function problemChoices({ problems }: Pick<Tables, 'problems'>): ProblemChoice[] {
  return [...problems.values()].map(({ id, name, signs, debrisTo }) => ({
    id,
    name,
    signs,
    debrisTo,
  }))
}
