import {
  potValuesAt,
  survivalResult,
  suspectedEffects,
  type TrialCheck,
  type TrialMeasure,
  wishFor,
} from '../../../core/trials'
import { daysBetween } from '../../../core/units'
import { sampleKey } from '../../../data/bench'
import { Conflict } from '../../../data/errors'
import { readSite } from '../../../data/site'
import { readTrial, type Trial } from '../../../data/trials'
import type { ResultsQuery } from '../../../messages/trials/looks'
import type { PotEventView } from '../../../messages/trials/lookViews'
import type { HappenedView, MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { readTables } from '../../tables'
import { candidatesOfTrial } from '../candidates/candidateKeys'
import { courseOf, type TrialCourse } from '../look/courseOf'
import { seedsOf } from '../look/lookRules'
import { countsView, dotsOf, growthOf, measureView } from '../look/measureViews'
import { stateOf } from '../look/schedule'
import { type Deciding, dayShown, decidingOf, questionOf } from '../plan/trialQuestion'
import { alsoSeen, resultBeside, SURVIVAL } from './alsoSeen'
import { controlOf, isVoid } from './controlOf'
import { findingViews } from './findings'
import { keptResult } from './keptResult'
import { outcomesOf } from './outcomes'
import { seedlingDoses } from './seedlingDoses'

/** What a trial found, by rule, or how its pots stand while it goes on; scored blind, only how the pots stand. */
export async function resultsPage(
  db: OpenDatabase,
  id: number,
  asked: ResultsQuery = {},
): Promise<ResultsPage> {
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const trial = await readTrial(db, id)
  const course = await courseOf(db, tables, trial)
  if (!course) throw new Conflict('This trial is not planted yet: there is nothing to see.')
  return resultsOf(db, tables, trial, course, asked)
}

/** The same of a trial whose course was read. */
export async function resultsOf(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
  course: TrialCourse,
  asked: ResultsQuery = {},
): Promise<ResultsPage> {
  const isHidden = trial.isBlind && trial.closedAt === null
  const control = controlOf(trial, course)
  const deciding = decidedOn(course, decidingOf(trial, tables))
  const check = shownCheck(course, asked.day ?? deciding.day)
  const on = dayShown(course, check)
  const nameOf = new Map(trial.treatments.map(({ number, name }) => [number, name]))
  const isOver = isVoid(trial, control)
  const question = questionOf(trial, course, isOver, on)
  const decides = (one: TrialMeasure) => one === deciding.measure && on === deciding.on
  // While it goes on nothing is judged, and nothing held against anything.
  const also =
    isHidden || trial.closedAt === null ? null : alsoSeen(trial, course, deciding, isOver)
  const found = isHidden
    ? []
    : trial.measures.flatMap((one) => {
        const asks = { ...question, measure: one, wish: wishFor(one, trial.wish) }
        const result = decides(one) ? keptResult(asks) : resultBeside(asks)
        return result ? [{ measure: one, wish: asks.wish, result }] : []
      })
  const measure = shownMeasure(
    trial,
    asked.measure,
    deciding.measure,
    found.map((one) => one.measure),
  )
  const valuesOf = found.find((one) => one.measure === measure)?.result
  const results = found.map(
    ({ measure, wish, result }): MeasureView => ({
      ...measureView(tables, measure, wish, result),
      also: decides(measure) ? null : (also?.pValuesOf(measure, on) ?? []),
    }),
  )
  const survival = isHidden || trial.perPot === 0 ? null : survivalResult(question)
  return {
    trialId: trial.id,
    version: trial.version,
    name: trial.name,
    kind: trial.kind,
    question: trial.question,
    wish: trial.wish,
    state: stateOf(trial),
    cropName: trial.cropId && (tables.crops.get(trial.cropId)?.name ?? trial.cropId),
    plantedOn: course.plantedOn,
    closedOn: trial.closedAt && dayAt(tables.timeZone, trial.closedAt),
    isHidden,
    isVoid: isOver,
    must: trial.must,
    mustValue: trial.mustValue,
    control: isHidden ? null : control,
    seeds: seedsOf(trial),
    measures: trial.measures,
    checks: course.checks,
    measure,
    on,
    day: check?.day ?? daysBetween(course.plantedOn, on),
    deciding: {
      measure: deciding.measure,
      isNamed: deciding.isNamed,
      day: deciding.day ?? daysBetween(course.plantedOn, deciding.on),
      on: deciding.on,
      isShown: decides(measure),
      isRead: !isHidden && isReadOn(trial, course, deciding, isOver),
    },
    alsoCount: also?.count ?? 0,
    earlier: earlierOf(trial),
    treatments: isHidden ? [] : await outcomesOf(db, tables, trial, course, on),
    results,
    survival: survival && { ...countsView(survival), also: also?.pValuesOf(SURVIVAL, on) ?? [] },
    pots: dotsOf(course, valuesOf, isHidden),
    growth: growthOf(course, [measure, ...trial.measures], isHidden),
    happened: course.pots
      .flatMap(({ events, code, containerId }): HappenedView[] =>
        events.map((event) => ({ ...event, code, containerId })),
      )
      .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : a.id - b.id)),
    noted: notedOf(course),
    leftOut: course.pots.flatMap(({ leftOut, code }) => (leftOut ? [{ ...leftOut, code }] : [])),
    effects: isHidden ? [] : effectsOf(course, nameOf),
    design: {
      potsOfEach: trial.pots,
      isInBlocks: trial.blocks,
      isBlind: trial.isBlind,
      place: trial.place,
      potName: trial.potSize.name,
    },
    lessons: trial.lessons ?? '',
    findings: await findingViews(db, tables, { trialId: trial.id }),
    crops: cropsOf(trial).map((id) => ({ id, name: tables.crops.get(id)?.name ?? id })),
    candidates: isHidden ? [] : candidatesOfTrial(trial).map(sampleKey),
    noEffectUpTo: isOver ? null : safeDose(results),
    ruledOutUpTo: isOver ? null : ruledOutDose(results),
    seedlings: isHidden ? null : seedlingDoses(trial, course, tables, on),
  }
}

function notedOf({ pots }: TrialCourse): ResultsPage['noted'] {
  return pots
    .flatMap(({ code, containerId, notes, photos }) => [
      ...notes
        .filter(({ isLook }) => isLook)
        .map(({ on, note }) => ({ code, containerId, on, note, photoId: null })),
      ...photos.map(({ on, photoId }) => ({ code, containerId, on, note: null, photoId })),
    ])
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
}

function cropsOf({ cropId, potList }: Trial): string[] {
  return [...new Set([cropId, ...potList.map((pot) => pot.cropId)].flatMap((id) => id ?? []))]
}

/** The highest dose at which no measure loses; null where it was no dose series, or nothing tells. */
function safeDose(results: readonly MeasureView[]): number | null {
  const doses = results.flatMap((view) => (view.by === 'means' && view.dose ? [view.dose] : []))
  const known = doses.flatMap(({ noEffectUpTo }) => noEffectUpTo ?? [])
  return known.length === 0 ? null : Math.min(...known)
}

/** The highest dose at which every measure rules harm out; null where one of them does at none. */
function ruledOutDose(results: readonly MeasureView[]): number | null {
  const doses = results.flatMap((view) => (view.by === 'means' && view.dose ? [view.dose] : []))
  const known = doses.flatMap(({ ruledOutUpTo }) => ruledOutUpTo ?? [])
  return doses.length === 0 || known.length < doses.length ? null : Math.min(...known)
}

/** The day on which it decides; where none was named, or it was never looked at, the last that was. */
function decidedOn(course: TrialCourse, deciding: Deciding): Deciding & { readonly on: string } {
  const named = course.checks.find(({ day }) => day === deciding.day)
  const check = named ?? course.checks.findLast(({ looked }) => looked > 0) ?? null
  return { ...deciding, day: check?.day ?? null, on: dayShown(course, check) }
}

/** Whether anything of what decides was read on its day. */
function isReadOn(
  trial: Trial,
  course: TrialCourse,
  { measure, on }: Deciding & { readonly on: string },
  isOver: boolean,
): boolean {
  const wish = wishFor(measure, trial.wish)
  const values = potValuesAt({ ...questionOf(trial, course, isOver, on), measure, wish })
  return values.some((group) => group.some((value) => value !== null))
}

/** What is asked for; else what decides, as long as it was read; else what was. */
function shownMeasure(
  { measures }: Trial,
  asked: TrialMeasure | undefined,
  deciding: TrialMeasure,
  read: readonly TrialMeasure[],
): TrialMeasure {
  if (asked && measures.includes(asked)) return asked
  return read.includes(deciding) ? deciding : (read[0] ?? deciding)
}

/** What a closed trial was told by the rule before a measure was named; null where it was judged by this one. */
function earlierOf({ outcome, closedAt }: Trial): ResultsPage['earlier'] {
  if (closedAt === null || !outcome || outcome.rule !== undefined) return null
  return {
    measure: outcome.measure,
    verdicts: outcome.treatments.flatMap(({ number, verdict }) =>
      verdict === null ? [] : [{ treatment: number, verdict }],
    ),
  }
}

/** The one that is asked for, as long as it was begun, or the last one that was. */
function shownCheck({ checks }: TrialCourse, day: number | null): TrialCheck | null {
  const asked = checks.find((one) => one.day === day && one.looked > 0)
  return asked ?? checks.findLast(({ looked }) => looked > 0) ?? null
}

function effectsOf(
  { pots }: TrialCourse,
  nameOf: ReadonlyMap<number, string>,
): ResultsPage['effects'] {
  const events = pots.flatMap((pot) => pot.events.map((event) => ({ pot: pot.id, event })))
  const keyOf = ({ kind, problemName }: PotEventView) => `${kind}/${problemName ?? ''}`
  const treatmentOf = new Map(pots.map(({ id, treatment }) => [id, treatment]))
  return suspectedEffects(
    events.map(({ pot, event }) => ({ pot, kind: keyOf(event) })),
    treatmentOf,
  ).flatMap(({ treatment, kind }) => {
    const first = events.find(
      ({ pot, event }) => keyOf(event) === kind && treatmentOf.get(pot) === treatment,
    )
    return first ? [{ treatment: nameOf.get(treatment) ?? '', what: first.event }] : []
  })
}
