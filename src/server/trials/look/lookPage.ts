import { type TrialMeasure, usualSummary } from '../../../core/trials'
import { Conflict } from '../../../data/errors'
import { readSite } from '../../../data/site'
import { readTrial } from '../../../data/trials'
import type { LookQuery } from '../../../messages/trials/looks'
import type { LookPage, LookPot } from '../../../messages/trials/lookViews'
import type { OpenDatabase } from '../../database'
import { balanceKind } from '../../instruments'
import { problemChoices } from '../../lots'
import { readTables } from '../../tables'
import { checkAt, courseOf, type PotOfTrial } from './courseOf'
import { requireLookDay, seedsOf } from './lookRules'

/** The pots of a trial as they are looked at on a day, with what was read before. */
export async function lookPage(
  db: OpenDatabase,
  id: number,
  { on: asked }: LookQuery = {},
): Promise<LookPage> {
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const trial = await readTrial(db, id)
  const course = await courseOf(db, tables, trial)
  if (!course) throw new Conflict('This trial is not planted yet: there is nothing to look at.')
  const on = requireLookDay(trial, asked ?? course.until, course.until)
  const nameOf = new Map(trial.treatments.map(({ number, name }) => [number, name]))
  const isBlind = trial.isBlind && trial.closedAt === null
  return {
    trialId: trial.id,
    name: trial.name,
    kind: trial.kind,
    isBlind,
    isClosed: trial.closedAt !== null,
    plantedOn: course.plantedOn,
    balance: balanceKind(),
    seeds: seedsOf(trial),
    measures: trial.measures,
    on,
    check: checkAt(course.checks, on),
    pots: course.pots.map((pot) =>
      lookPot(pot, trial.measures, on, isBlind ? null : (nameOf.get(pot.treatment) ?? null)),
    ),
    problems: problemChoices(tables),
  }
}

function lookPot(
  pot: PotOfTrial,
  measures: readonly TrialMeasure[],
  on: string,
  treatmentName: string | null,
): LookPot {
  const before: Record<string, { value: number; on: string }> = {}
  const values: Record<string, number> = {}
  for (const measure of measures) {
    const isTotal = usualSummary(measure) === 'total'
    for (const record of pot.records) {
      if (record.measure !== measure) continue
      if (record.on < on) {
        const sum = isTotal ? (before[measure]?.value ?? 0) : 0
        before[measure] = { value: sum + record.value, on: record.on }
      }
      if (record.on === on) {
        values[measure] = (isTotal ? (values[measure] ?? 0) : 0) + record.value
      }
    }
  }
  return {
    id: pot.id,
    code: pot.code,
    containerId: pot.containerId,
    block: pot.block,
    cropName: pot.cropName,
    treatmentName,
    leftOut: pot.leftOut,
    diedOn: pot.diedOn ?? null,
    before,
    values,
    note: pot.notes.findLast((one) => one.on === on && one.isLook)?.note ?? '',
    events: pot.events,
  }
}
