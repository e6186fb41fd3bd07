import { potValuesAt, type TrialMeasure, wishFor } from '../../../core/trials'
import { keepEach } from '../../../data/kept'
import type { Trial } from '../../../data/trials'
import type {
  CandidateFigures,
  CandidateInTrial,
  CandidateMeasure,
  CandidatesTrial,
  CheckPoint,
} from '../../../messages/trials/candidateViews'
import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { courseOf, type TrialCourse } from '../look/courseOf'
import { stateOf } from '../look/schedule'
import { dayShown, decidingOf, questionOf } from '../plan/trialQuestion'
import { verdictOf } from '../results/outcomeOf'
import { resultsOf } from '../results/resultsPage'

/** A trial with what every treatment of it came to at each check, by the treatments' numbers. */
export type TrialSheet = Omit<CandidatesTrial, 'treatments' | 'measures'> & {
  readonly treatments: readonly Omit<CandidateInTrial, 'version'>[]
  readonly measures: readonly (Omit<CandidateMeasure, 'cells'> & {
    readonly byTreatment: ReadonlyMap<number, CandidateFigures>
  })[]
}

/** Trials that are over do not change any more: what they came to is read once. */
const keptSheets = keepEach<number, TrialSheet>(['crops'], 200)

/** Null while it is not planted. */
export async function trialSheet(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
): Promise<TrialSheet | null> {
  const version = String(trial.version)
  const kept = await keptSheets(db)
  const known = trial.closedAt && kept.read(trial.id, version)
  if (known) return known
  const course = await courseOf(db, tables, trial)
  if (!course) return null
  const sheet = sheetOf(tables, trial, course, await resultsOf(db, tables, trial, course))
  if (trial.closedAt) kept.write(trial.id, version, sheet)
  return sheet
}

function sheetOf(
  tables: Tables,
  trial: Trial,
  course: TrialCourse,
  results: ResultsPage,
): TrialSheet {
  const { measure } = decidingOf(trial, tables)
  return {
    trialId: trial.id,
    name: trial.name,
    kind: trial.kind,
    cropId: trial.cropId,
    cropName: results.cropName,
    state: stateOf(trial),
    isVoid: results.isVoid,
    isHidden: results.isHidden,
    controlName: trial.treatments.find(({ number }) => number === 0)?.name ?? '',
    measure,
    wish: wishFor(measure, trial.wish),
    treatments: results.treatments.map((one) => ({
      number: one.number,
      name: one.name,
      used: one.used,
      planted: one.planted,
      weedsPerM2: one.weedsPerM2,
      sunkCm: one.sunkCm,
      yieldPerLitreG: one.yieldG === null ? null : one.yieldG / one.litres,
    })),
    measures: results.results.map((view) => measureOf(view, trial, course, results)),
  }
}

function measureOf(
  view: MeasureView,
  trial: Trial,
  course: TrialCourse,
  { isVoid, closedOn }: ResultsPage,
): TrialSheet['measures'][number] {
  const { measure } = view
  const points = view.by === 'sides' ? [] : pointsOf(measure, trial, course, isVoid)
  const figures = trial.treatments.flatMap(({ number }): [number, CandidateFigures][] => {
    const side = view.by === 'sides' ? view.sides.find((one) => one.treatment === number) : null
    const own = points[number] ?? []
    if (own.length === 0 && !side) return []
    // What was only also seen gets no verdict.
    const isJudged = closedOn !== null && !isVoid && number > 0 && view.also === null
    const sides = side ? { wins: side.result.wins, losses: side.result.losses } : null
    return [[number, { points: own, sides, verdict: isJudged ? verdictOf(view, number) : null }]]
  })
  return {
    measure,
    isShare: view.by === 'counts' || (view.by === 'means' && view.isShare),
    byTreatment: new Map(figures),
  }
}

/** The means of each treatment at every check that was looked at. */
function pointsOf(
  measure: TrialMeasure,
  trial: Trial,
  course: TrialCourse,
  isVoid: boolean,
): CheckPoint[][] {
  const wish = wishFor(measure, trial.wish)
  const values = course.checks
    .filter(({ looked }) => looked > 0)
    .map((check) => {
      const on = dayShown(course, check)
      const groups = potValuesAt({ ...questionOf(trial, course, isVoid, on), measure, wish })
      return { day: check.day, on, groups }
    })
  return trial.treatments.map(({ number }) =>
    values.flatMap(({ day, on, groups }): CheckPoint[] => {
      const used = (groups[number] ?? []).filter((value) => value !== null)
      if (used.length === 0) return []
      const mean = used.reduce((sum, one) => sum + one, 0) / used.length
      return [{ day, on, mean, n: used.length }]
    }),
  )
}
