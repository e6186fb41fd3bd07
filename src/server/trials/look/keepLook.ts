import { TZDate } from '@date-fns/tz'
import { addDays } from 'date-fns'
import { MEASURE_KIND, MEASURE_RANGE, type TrialMeasure } from '../../../core/trials'
import { Conflict, NotFound } from '../../../data/errors'
import { writeLog } from '../../../data/season'
import { readSite } from '../../../data/site'
import { readTrial, type Trial, type TrialPot, takeLookBack } from '../../../data/trials'
import type { LookBody } from '../../../messages/trials/looks'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'
import { refuseField } from '../../problem'
import { readTables } from '../../tables'
import { requireLookDay, seedsOf } from './lookRules'

const NOON = 12

/**
 * Keeps what was read at a pot of a trial on a day, in the log of that pot; what the same day said before is replaced.
 * @throws Refused at the number that cannot be, NotFound, Conflict where the trial is not running
 */
export async function keepLook(
  db: OpenDatabase,
  id: number,
  body: LookBody,
  at: Date,
): Promise<{ readonly potId: number }> {
  const { timeZone } = await readSite(db)
  const trial = await readTrial(db, id)
  const pot = requirePot(trial, body.potId)
  const read = Object.entries(body.values) as [TrialMeasure, number | null][]
  for (const [measure, value] of read) requireReadable(trial, measure, value)
  const when = momentOf(trial, body.on, at, timeZone)
  const kinds = read.map(([measure]) => MEASURE_KIND[measure])
  await takeLookBack(db, {
    trialId: id,
    containerId: pot.containerId,
    kinds: [...kinds, 'note'],
    ...dayOf(when, timeZone),
  })
  const lotId = await lotIn(db, timeZone, pot.containerId)
  const entry = {
    containerId: pot.containerId,
    plantingId: pot.plantingId,
    lotId,
    at: when,
    problemId: null,
    findingId: null,
    trialId: id,
  }
  for (const [measure, value] of read) {
    if (value === null) continue
    await writeLog(db, { ...entry, kind: MEASURE_KIND[measure], value, note: null })
  }
  const note = body.note.trim()
  if (note) await writeLog(db, { ...entry, kind: 'note', value: null, note })
  return { potId: pot.id }
}

/** The lot that stands in a container now. */
export async function lotIn(
  db: OpenDatabase,
  timeZone: string,
  containerId: number,
): Promise<number | null> {
  return (await readTables(db, timeZone)).containersById.get(containerId)?.lotId ?? null
}

/** @throws NotFound where the trial has no such pot, Conflict where it is not running */
export function requirePot(
  trial: Trial,
  potId: number,
): TrialPot & { readonly containerId: number } {
  if (trial.plantedOn === null) {
    throw new Conflict('This trial is not planted yet: there is nothing to look at.')
  }
  if (trial.closedAt !== null) {
    throw new Conflict('This trial is closed: open it again to write something down.')
  }
  const pot = trial.potList.find((one) => one.id === potId)
  if (!pot || pot.containerId === null)
    throw new NotFound(`There is no pot ${potId} in this trial.`)
  return { ...pot, containerId: pot.containerId }
}

/** The moment that an entry belongs to: now, or the noon of another day. @throws Refused */
export function momentOf(trial: Trial, on: string | null, at: Date, timeZone: string): Date {
  const today = dayAt(timeZone, at)
  const day = requireLookDay(trial, on ?? today, today)
  if (day === today) return at
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number)
  return new Date(new TZDate(year, month - 1, date, NOON, timeZone).getTime())
}

function dayOf(at: Date, timeZone: string): { readonly from: Date; readonly to: Date } {
  const there = new TZDate(at, timeZone)
  const from = new TZDate(there.getFullYear(), there.getMonth(), there.getDate(), timeZone)
  return { from: new Date(from.getTime()), to: new Date(addDays(from, 1).getTime()) }
}

function requireReadable(trial: Trial, measure: TrialMeasure, value: number | null): void {
  const field = `values.${measure}`
  if (!trial.measures.includes(measure)) refuseField(field, 'This trial does not look at that.')
  if (value === null) return
  const { low, high, decimals, unit } = MEASURE_RANGE[measure]
  if (value < low || value > high) {
    refuseField(field, `Between ${low} and ${high}${unit && unit !== 'of 5' ? ` ${unit}` : ''}.`)
  }
  if (decimals === 0 && !Number.isInteger(value)) refuseField(field, 'Whole numbers only.')
  const seeds = seedsOf(trial)
  if (measure === 'emerged' && seeds > 0 && value > seeds) {
    refuseField(field, `Only ${seeds} were sown in it: leave out what came up by itself.`)
  }
}
