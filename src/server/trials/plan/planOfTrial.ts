import type { Trial, TrialMedium } from '../../../data/trials'
import type { MediumBody, NewTrialBody } from '../../../messages/trials/trials'

/** A trial as it was asked for, so that another can begin as it. */
export function planOfTrial(trial: Trial): NewTrialBody {
  const rows = [...trial.potList].sort((a, b) => (a.block ?? 0) - (b.block ?? 0))
  return {
    kind: trial.kind,
    name: trial.name,
    question: trial.question,
    wish: trial.wish,
    must: trial.must,
    mustValue: trial.mustValue,
    measures: trial.measures,
    decides: trial.decides,
    decidesDay: trial.decidesDay,
    checkDays: trial.checkDays,
    cropId: trial.cropId,
    crops: [...new Set(rows.flatMap(({ cropId }) => cropId ?? []))],
    how: trial.how,
    perPot: trial.perPot,
    pots: trial.pots,
    blocks: trial.blocks,
    isBlind: trial.isBlind,
    place: trial.place,
    potSize: trial.potSize,
    potIds: [],
    protocol: trial.protocol,
    cv: trial.cv,
    treatments: trial.treatments.map((one) => ({
      name: one.name,
      medium: bodyOf(one.medium),
      added: one.added && bodyOf(one.added),
      dose: one.dose,
      potSize: one.potSize,
      care: one.care,
      risks: one.risks,
    })),
  }
}

/** What came from elsewhere by its name is chosen anew. */
function bodyOf(medium: TrialMedium): MediumBody {
  return medium.kind === 'named' ? { kind: 'bag', materialId: '' } : medium
}
