import { fileName } from '../../../core/fileName'
import { Conflict } from '../../../data/errors'
import { readSite } from '../../../data/site'
import { readTrial, type Trial } from '../../../data/trials'
import { Download } from '../../answerKinds'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'
import { readTables } from '../../tables'
import { courseOf } from '../look/courseOf'
import { packageRows } from './packageRows'
import type { PackageRows } from './schema'
import { readingsCsv, writePackage } from './writePackage'

/** A closed trial with everything that was read, to be kept elsewhere or given away. @throws Conflict while it goes on */
export async function trialPackage(db: OpenDatabase, id: number, at: Date): Promise<Download> {
  const { trial, rows, timeZone } = await readAll(db, id)
  const { closedAt, plantedOn } = trial
  if (closedAt === null || plantedOn === null) {
    throw new Conflict('This trial goes on still: close it, then it can be packed.')
  }
  const packed = { ...told(trial), plantedOn, closedOn: dayAt(timeZone, closedAt) }
  return new Download(
    writePackage(packed, rows, at),
    'application/zip',
    `${fileName(trial.name, 'trial')}.zip`,
  )
}

/**
 * Everything that was read at its pots so far, as a table that stands by itself: with the treatment and the block of each
 * pot, and from when on it was left out. Scored blind, without what is in them.
 */
export async function trialReadings(db: OpenDatabase, id: number): Promise<Download> {
  const { trial, rows } = await readAll(db, id)
  return new Download(
    new TextEncoder().encode(readingsCsv(rows, trial.isBlind && trial.closedAt === null)),
    'text/csv; charset=utf-8',
    `${fileName(trial.name, 'trial')}-readings.csv`,
  )
}

async function readAll(
  db: OpenDatabase,
  id: number,
): Promise<{ readonly trial: Trial; readonly rows: PackageRows; readonly timeZone: string }> {
  const { timeZone } = await readSite(db)
  const tables = await readTables(db, timeZone)
  const trial = await readTrial(db, id)
  const course = await courseOf(db, tables, trial)
  if (!course) throw new Conflict('This trial is not planted yet: nothing was read in it.')
  return { trial, rows: await packageRows(db, tables, trial, course), timeZone }
}

function told(trial: Trial) {
  return {
    name: trial.name,
    kind: trial.kind,
    question: trial.question,
    wish: trial.wish,
    must: trial.must,
    mustValue: trial.mustValue,
    measures: trial.measures,
    decides: trial.decides,
    decidesDay: trial.decidesDay,
    checkDays: trial.checkDays,
    cropId: trial.cropId,
    how: trial.how,
    perPot: trial.perPot,
    pots: trial.pots,
    blocks: trial.blocks,
    columns: trial.columns,
    seed: trial.seed,
    isBlind: trial.isBlind,
    place: trial.place,
    potSize: trial.potSize,
    protocol: trial.protocol,
    cv: trial.cv,
    lessons: trial.lessons ?? '',
  }
}
