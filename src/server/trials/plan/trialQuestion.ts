import {
  bearsFruit,
  type MeasureQuestion,
  mainMeasure,
  type TrialCheck,
  type TrialMeasure,
} from '../../../core/trials'
import type { Trial } from '../../../data/trials'
import type { Tables } from '../../lots'
import type { TrialCourse } from '../look/courseOf'
import { seedsOf } from '../look/lookRules'
import { datedChecks } from '../look/schedule'

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

/** What gets the verdict, and on which day after planting; null: on the last that was looked at. */
export interface Deciding {
  readonly measure: TrialMeasure
  readonly day: number | null
  /** It was named when the trial was planned. */
  readonly isNamed: boolean
}

/** Whether anything in it bears fruit that is picked. */
export function growsFruit(
  { cropId, potList }: Pick<Trial, 'cropId' | 'potList'>,
  crops: Tables['crops'],
): boolean {
  return [cropId, ...potList.map((pot) => pot.cropId)].some((id) => {
    const crop = id === null ? undefined : crops.get(id)
    return crop !== undefined && bearsFruit(crop)
  })
}

export function decidingOf(trial: Trial, { crops }: Pick<Tables, 'crops'>): Deciding {
  if (trial.decides !== null) {
    return { measure: trial.decides, day: trial.decidesDay, isNamed: true }
  }
  return {
    measure: mainMeasure(trial.kind, trial.measures, growsFruit(trial, crops)),
    day: null,
    isNamed: false,
  }
}

/** A check that was done late tells what was read then; without checks all that was read counts. */
export function dayShown({ until }: TrialCourse, check: TrialCheck | null): string {
  if (!check) return until
  const on = check.doneOn && check.doneOn > check.on ? check.doneOn : check.on
  return on > until ? until : on
}
