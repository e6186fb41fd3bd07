import { TZDate } from '@date-fns/tz'
import {
  MEASURE_KIND,
  MEASURE_RANGE,
  TRIAL_EVENTS,
  TRIAL_MEASURES,
  type TrialEvent,
  type TrialMeasure,
} from '../../../core/trials'
import { listPlaces, putContainersAway, putPlaceAway } from '../../../data/containers'
import { writeLogs } from '../../../data/season'
import { readSite } from '../../../data/site'
import {
  changeTrial,
  createTrial,
  excludePot,
  readTrial,
  type TrialMedium,
} from '../../../data/trials'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { refuseField } from '../../problem'
import { readTables } from '../../tables'
import { addMissing } from '../plan/setPots'
import { summarizeTrials } from '../results/outcomeOf'
import { type ReadPackage, readPackage } from './readPackage'

const FIELD = 'package'
const NOON = 12

/**
 * Takes a finished trial from its package: what was compared, where its pots stood, what was read and what happened. Its
 * pots are put away at once, and nothing of it goes into a ledger.
 * @throws Refused with what is wrong; then nothing is written
 */
export async function importTrial(
  db: OpenDatabase,
  bytes: Uint8Array,
  at: Date,
): Promise<{ readonly id: number }> {
  const { timeZone } = await readSite(db)
  const tables = await readTables(db, timeZone)
  const packed = readPackage(bytes)
  requireSound(packed, tables, dayAt(timeZone, at))
  const { trial, rows } = packed
  const id = await createTrial(
    db,
    { ...planOf(packed), createdAt: at },
    rows.treatments.map((row) => ({
      name: String(row.name),
      medium: mediumOf(row.material_id, row.medium, tables),
      added: row.added === null ? null : mediumOf(row.added_material_id, row.added, tables),
      dose: Number(row.dose_percent),
      potSize: null,
      care: String(row.care ?? ''),
      risks: [],
    })),
    rows.pots.map((row) => ({
      code: String(row.pot),
      treatment: Number(row.treatment),
      position: Number(row.position),
      row: Number(row.row),
      column: Number(row.column),
      block: row.block === null ? null : Number(row.block),
      replicate: Number(row.replicate),
      cropId: row.crop_id === null ? null : String(row.crop_id),
      containerId: null,
    })),
  )
  await addItsPots(db, id, packed, at)
  await writeReadings(db, id, packed, tables)
  await changeTrial(db, id, 1, {
    plantedOn: trial.plantedOn,
    closedAt: noonOf(trial.closedOn, timeZone),
    lessons: trial.lessons.trim() || null,
  })
  await summarizeTrials(db)
  return { id }
}

function planOf({ trial }: ReadPackage) {
  const { plantedOn: _, closedOn: __, lessons: ___, ...plan } = trial
  return plan
}

/** A material of the list, or else what it was called where it comes from. */
function mediumOf(materialId: unknown, name: unknown, { materials }: Tables): TrialMedium {
  return typeof materialId === 'string' && materials.has(materialId)
    ? { kind: 'bag', materialId }
    : { kind: 'named', name: String(name) }
}

/** Rows that are well written can still not belong together. @throws Refused */
function requireSound({ trial, rows }: ReadPackage, { crops }: Tables, today: string): void {
  const refuse = (message: string) => refuseField(FIELD, message)
  if (trial.closedOn < trial.plantedOn)
    refuse('datapackage.json: it is closed before it is planted.')
  if (trial.closedOn > today)
    refuse('datapackage.json: it is closed on a day that has not come yet.')
  const numbers = rows.treatments.map(({ treatment }) => treatment)
  if (numbers.length < 2 || numbers.some((number, index) => number !== index)) {
    refuse('treatments.csv: treatments are numbered from 0, the control, without gaps.')
  }
  const codes = new Set(rows.pots.map(({ pot }) => pot))
  if (rows.pots.length === 0) refuse('pots.csv holds no pot.')
  if (codes.size < rows.pots.length) refuse('pots.csv: a pot stands there twice.')
  const positions = new Set(rows.pots.map(({ position }) => position))
  if (positions.size < rows.pots.length) refuse('pots.csv: two pots have the same position.')
  rows.pots.forEach(({ pot, treatment, crop_id: cropId, left_out_for: event }, index) => {
    const where = `pots.csv, line ${index + 2}`
    if (String(pot).length > 20) refuse(`${where}: the code is longer than 20 letters.`)
    if (!numbers.includes(treatment as number))
      refuse(`${where}: there is no treatment ${treatment}.`)
    if (cropId !== null && !crops.has(String(cropId)))
      refuse(`${where}: ${cropId} is no crop of the list.`)
    if (event !== null && !isHappening(event)) refuse(`${where}: ${event} is nothing that happens.`)
  })
  if (trial.cropId !== null && !crops.has(trial.cropId)) {
    refuse(`datapackage.json: ${trial.cropId} is no crop of the list.`)
  }
  const requireSeen = (pot: unknown, date: unknown, where: string) => {
    if (!codes.has(String(pot))) refuse(`${where}: pots.csv has no pot ${pot}.`)
    if (String(date) < trial.plantedOn || String(date) > trial.closedOn) {
      refuse(`${where}: ${date} lies outside the trial.`)
    }
  }
  rows.readings.forEach(({ pot, date, measure, value }, index) => {
    const where = `readings.csv, line ${index + 2}`
    requireSeen(pot, date, where)
    requireReadable(measure, Number(value), where)
  })
  rows.events.forEach(({ pot, date, kind }, index) => {
    const where = `events.csv, line ${index + 2}`
    requireSeen(pot, date, where)
    if (!isHappening(kind)) refuse(`${where}: ${kind} is nothing that happens.`)
  })
}

/** @throws Refused */
function requireReadable(measure: unknown, value: number, where: string): void {
  if (!isMeasure(measure)) {
    refuseField(FIELD, `${where}: nothing is measured that is called ${measure}.`)
  }
  const { low, high } = MEASURE_RANGE[measure]
  if (value < low || value > high) {
    refuseField(FIELD, `${where}: ${measure} lies between ${low} and ${high}, not at ${value}.`)
  }
}

function isMeasure(measure: unknown): measure is TrialMeasure {
  return (TRIAL_MEASURES as readonly unknown[]).includes(measure)
}

function isHappening(kind: unknown): kind is TrialEvent | 'problem' {
  return kind === 'problem' || (TRIAL_EVENTS as readonly unknown[]).includes(kind)
}

/** Containers that what was read hangs on; they are put away at once, and so is a place that came with them. */
async function addItsPots(
  db: OpenDatabase,
  id: number,
  { rows }: ReadPackage,
  at: Date,
): Promise<void> {
  const places = new Set((await listPlaces(db)).map((place) => place.id))
  const trial = await readTrial(db, id)
  const containerOf = await addMissing(db, trial)
  await putContainersAway(db, [...containerOf.values()], at)
  const brought = (await listPlaces(db)).find((place) => !places.has(place.id))
  if (brought) await putPlaceAway(db, brought.id, at)
  // Rows and pots stand in the same order: both by their places along the walk.
  const inOrder = [...rows.pots].sort((a, b) => Number(a.position) - Number(b.position))
  for (const [index, row] of inOrder.entries()) {
    const pot = trial.potList[index]
    if (!pot || row.left_out_on === null) continue
    await excludePot(db, pot.id, {
      on: String(row.left_out_on),
      happened: isHappening(row.left_out_for) ? row.left_out_for : null,
      why: String(row.left_out_why ?? ''),
    })
  }
}

/** Into the logs of its pots, as if it had been read here. */
async function writeReadings(
  db: OpenDatabase,
  id: number,
  { rows }: ReadPackage,
  { problems, timeZone }: Pick<Tables, 'problems' | 'timeZone'>,
): Promise<void> {
  const { potList } = await readTrial(db, id)
  const inOrder = [...rows.pots].sort((a, b) => Number(a.position) - Number(b.position))
  const containerOf = new Map(
    inOrder.map(({ pot }, index) => [pot, potList[index]?.containerId ?? 0]),
  )
  const entry = (pot: unknown, date: unknown) => ({
    containerId: containerOf.get(String(pot)) ?? 0,
    plantingId: null,
    lotId: null,
    at: noonOf(String(date), timeZone),
    findingId: null,
    trialId: id,
  })
  const problemOf = (name: unknown) =>
    [...problems.values()].find((problem) => problem.name === name)?.id ?? null
  await writeLogs(db, [
    ...rows.readings.map(({ pot, date, measure, value }) => ({
      ...entry(pot, date),
      kind: MEASURE_KIND[measure as TrialMeasure],
      value: Number(value),
      problemId: null,
      note: null,
    })),
    ...rows.events.map(({ pot, date, kind, problem, note }) => ({
      ...entry(pot, date),
      kind: kind as TrialEvent | 'problem',
      value: null,
      problemId: problemOf(problem),
      note: [problemOf(problem) === null ? problem : null, note].filter(Boolean).join(', ') || null,
    })),
  ])
}

function noonOf(day: string, timeZone: string): Date {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number)
  return new Date(new TZDate(year, month - 1, date, NOON, timeZone).getTime())
}
