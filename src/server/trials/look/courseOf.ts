import {
  bearsFruit,
  MEASURE_KIND,
  nearestCheck,
  type PotRecord,
  TRIAL_EVENTS,
  type TrialCheck,
  type TrialEvent,
  type TrialMeasure,
  type TrialPotCourse,
  trialChecks,
} from '../../../core/trials'
import { DAY_MS } from '../../../core/units'
import { groupBy } from '../../../data/groupBy'
import { logOfTrial, plantingsOfTrial, type Trial } from '../../../data/trials'
import type { LeftOutView, PotEventView } from '../../../messages/trials/lookViews'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { datedChecks } from './schedule'

/** A pot with everything that was read at it, and what happened to it. */
export interface PotOfTrial extends TrialPotCourse {
  readonly id: number
  readonly code: string
  readonly containerId: number
  readonly cropName: string | null
  readonly leftOut: LeftOutView | null
  readonly events: readonly PotEventView[]
  readonly notes: readonly {
    readonly on: string
    readonly note: string
    readonly isLook: boolean
  }[]
  readonly photos: readonly { readonly on: string; readonly photoId: number }[]
}

/** A trial as it went so far, or up to the day it was closed. */
export interface TrialCourse {
  readonly plantedOn: string
  /** The last day that counts: the day it was closed, or today. */
  readonly until: string
  readonly pots: readonly PotOfTrial[]
  readonly checks: readonly TrialCheck[]
}

const MEASURES = Object.entries(MEASURE_KIND) as [TrialMeasure, string][]

/** Whether an entry that was written for a trial is a look, not something that happened. */
export function isLook(kind: string): boolean {
  return kind === 'note' || MEASURES.some(([, one]) => one === kind)
}

/** Reads what happened in a trial that is planted; null before that. */
export async function courseOf(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
): Promise<TrialCourse | null> {
  const { plantedOn } = trial
  if (plantedOn === null) return null
  const { timeZone, today } = tables
  const until = trial.closedAt === null ? today : dayAt(timeZone, trial.closedAt)
  // A day of the site can begin up to a day before that of UTC.
  const rows = await logOfTrial(db, trial, new Date(Date.parse(plantedOn) - DAY_MS))
  const log = rows
    .map((row) => ({ ...row, on: dayAt(timeZone, row.at) }))
    .filter(({ on }) => on >= plantedOn && on <= until)
  const logOf = groupBy(log, ({ containerId }) => containerId)
  const plantings = new Map((await plantingsOfTrial(db, trial)).map((one) => [one.id, one]))
  const numberOf = new Map(trial.treatments.map((one) => [one.id, one.number]))
  const pots = trial.potList.map((pot): PotOfTrial => {
    const mine = logOf.get(pot.containerId ?? 0) ?? []
    const planting = pot.plantingId === null ? undefined : plantings.get(pot.plantingId)
    const end =
      planting?.endedOn && planting.endedOn <= until
        ? { ...planting, endedOn: planting.endedOn }
        : null
    const records = mine.flatMap(({ kind, value, on }): PotRecord[] => {
      const measure = MEASURES.find(([, one]) => one === kind)?.[0]
      return measure && value !== null ? [{ on, measure, value }] : []
    })
    const has = (measure: TrialMeasure) => records.some((one) => one.measure === measure)
    if (end && end.growth !== null) {
      records.push({ on: end.endedOn, measure: 'vigour', value: end.growth })
    }
    // What was weighed as the season ended, where nothing was written down for the trial itself.
    if (end && end.harvestG !== null && !has('harvest') && !has('picked')) {
      const crop = tables.crops.get(pot.cropId ?? trial.cropId ?? '')
      // The harvest of a crop that fruits is what was picked; of any other it is its shoots, picked or not.
      if (!crop || !bearsFruit(crop)) {
        records.push({ on: end.endedOn, measure: 'harvest', value: end.harvestG })
      }
      records.push({ on: end.endedOn, measure: 'picked', value: end.harvestG })
    }
    const events = mine.flatMap((row): PotEventView[] => {
      if (row.kind !== 'problem' && !isEvent(row.kind)) return []
      const problem = row.problemId === null ? null : tables.problems.get(row.problemId)
      return [
        {
          id: row.id,
          on: row.on,
          kind: row.kind,
          problemName: problem?.name ?? null,
          note: row.note ?? '',
        },
      ]
    })
    const leftOut = leftOutOf(pot, end, until)
    const died = events.find(({ kind }) => kind === 'died')?.on
    return {
      id: pot.id,
      code: pot.code,
      containerId: pot.containerId ?? 0,
      cropName: pot.cropId === null ? null : (tables.crops.get(pot.cropId)?.name ?? pot.cropId),
      treatment: numberOf.get(pot.treatmentId) ?? 0,
      block: pot.block,
      crop: pot.cropId,
      records,
      excludedFrom: leftOut?.on ?? null,
      diedOn: died ?? (end?.endedWhy === 'died' ? end.endedOn : null),
      leftOut,
      events,
      notes: mine.flatMap(({ kind, note, on, trialId }) =>
        kind === 'note' && note ? [{ on, note, isLook: trialId === trial.id }] : [],
      ),
      photos: mine.flatMap(({ photoId, on }) => (photoId === null ? [] : [{ on, photoId }])),
    }
  })
  return {
    plantedOn,
    until,
    pots,
    checks: trialChecks({
      checks: datedChecks(trial),
      looks: log
        .filter(({ trialId, kind }) => trialId === trial.id && isLook(kind))
        .map(({ containerId, on }) => ({ pot: containerId, on })),
      pots: pots.filter(isStillIn).length,
      today: until,
    }),
  }
}

/** Whether a pot is still looked at. */
export function isStillIn({ leftOut, diedOn }: PotOfTrial): boolean {
  return leftOut === null && diedOn == null
}

/** The check that a day belongs to. */
export function checkAt(checks: readonly TrialCheck[], on: string): TrialCheck | null {
  return nearestCheck(checks, on) ?? null
}

/** Plants that were taken out at their pot leave the trial that day. */
function leftOutOf(
  pot: Trial['potList'][number],
  end: { readonly endedOn: string; readonly endedWhy: string | null } | null,
  until: string,
): LeftOutView | null {
  if (pot.excludedOn !== null && pot.excludedOn <= until) {
    return { on: pot.excludedOn, happened: pot.excludedFor, why: pot.excludedWhy ?? '' }
  }
  const isMoved = end !== null && ['moved', 'turned over', 'emptied'].includes(end.endedWhy ?? '')
  return isMoved ? { on: end.endedOn, happened: 'moved', why: '' } : null
}

function isEvent(kind: string): kind is TrialEvent {
  return (TRIAL_EVENTS as readonly string[]).includes(kind)
}
