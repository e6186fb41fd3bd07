import type { MeasureQuestion, TrialCheck, TrialMeasure } from '../../core/trials'
import type { Trial } from '../../data/trials'
import type { TrialCourse } from './courseOf'
import { seedsOf } from './lookPage'
import { datedChecks } from './schedule'

/** What is asked of any measure of a trial on a day. */
export function questionOf(
  trial: Trial,
  course: TrialCourse,
  isVoid: boolean,
  on: string,
): Omit<MeasureQuestion, 'measure' | 'wish'> {
  return {
    kind: trial.kind,
    isVoid,
    blocks: trial.blocks && trial.kind !== 'side-by-side',
    seeds: seedsOf(trial),
    doses: trial.treatments.map(({ dose }) => dose),
    pots: course.pots,
    since: course.plantedOn,
    checks: datedChecks(trial),
    on,
  }
}

/** What is weighed or counted up goes before what is looked at on the way. */
const MAIN_FIRST: readonly TrialMeasure[] = ['picked', 'harvest', 'fruits-picked']

export function mainMeasure({ kind, measures }: Pick<Trial, 'kind' | 'measures'>): TrialMeasure {
  const counted = kind === 'count' || kind === 'dose' ? (['emerged'] as const) : []
  return (
    [...counted, ...MAIN_FIRST].find((one) => measures.includes(one)) ?? measures[0] ?? 'vigour'
  )
}

/** A check that was done late tells what was read then; without checks all that was read counts. */
export function dayShown({ until }: TrialCourse, check: TrialCheck | null): string {
  if (!check) return until
  const on = check.doneOn && check.doneOn > check.on ? check.doneOn : check.on
  return on > until ? until : on
}
