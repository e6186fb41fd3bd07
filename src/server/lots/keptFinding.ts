import type { Found } from '../../core/recondition'
import type { NewFinding } from '../../data/media'

/** A finding as it is written down when its test does not tell of the mix any more. */
export function keptFinding(found: Found): NewFinding {
  const { at, kind, state, problemId, numbers, word, families, season, rotationGroup } = found
  return {
    at: new Date(at),
    kind,
    state,
    problemId,
    numbers,
    word: word ?? null,
    families: families ?? [],
    season,
    rotationGroup,
    source: found.origin.kind === 'test' ? 'test' : 'seen',
    testId: found.origin.kind === 'test' ? found.origin.testId : null,
    note: found.origin.kind === 'seen' ? found.origin.note : null,
  }
}
