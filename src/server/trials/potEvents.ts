import { Conflict } from '../../data/errors'
import { listProblems, writeLog } from '../../data/season'
import { readSite } from '../../data/site'
import { changeTrial, excludePot, readTrial, setOutcome } from '../../data/trials'
import type { CloseTrialBody, LeaveOutBody, PotEventBody } from '../../messages/trials/looks'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { newFound } from '../lots'
import { refuseField } from '../problem'
import { readTables } from '../tables'
import { courseOf } from './courseOf'
import { lotIn, momentOf, requirePot } from './keepLook'
import { requireLookDay } from './lookPage'
import { outcomeOf } from './outcomeOf'
import { resultsPage } from './resultsPage'

/**
 * Writes down what happened to a pot of a trial, and leaves the pot out from that day on where that is asked. A problem
 * counts in its mix as well.
 * @throws Refused, NotFound, Conflict where the trial is not running
 */
export async function keepPotEvent(
  db: OpenDatabase,
  id: number,
  { potId, on, kind, problemId, note, isLeftOut }: PotEventBody,
  at: Date,
): Promise<{ readonly id: number; readonly potId: number }> {
  const { timeZone } = await readSite(db)
  const trial = await readTrial(db, id)
  const pot = requirePot(trial, potId)
  const known = kind === 'problem' ? await listProblems(db) : []
  if (kind === 'problem' && !known.some((one) => one.id === problemId)) {
    refuseField('problemId', 'Choose what you saw from the list.')
  }
  const when = momentOf(trial, on, at, timeZone)
  const lotId = await lotIn(db, timeZone, pot.containerId)
  const seen = kind === 'problem' ? problemId : null
  const cropId = pot.cropId ?? trial.cropId
  const found =
    seen !== null && lotId !== null
      ? await newFound(db, lotId, { problemId: seen, note }, when, cropId)
      : null
  const entryId = await writeLog(db, {
    containerId: pot.containerId,
    plantingId: pot.plantingId,
    lotId,
    at: when,
    kind,
    value: null,
    problemId: seen,
    findingId: found?.id ?? null,
    note: note.trim() || null,
    trialId: id,
  })
  if (isLeftOut) {
    await excludePot(db, pot.id, { on: dayAt(timeZone, when), happened: kind, why: note.trim() })
  }
  return { id: entryId, potId: pot.id }
}

/** Leaves a pot out from a day on, with the reason, or lets it count again. @throws Refused, NotFound, Conflict */
export async function leaveOut(
  db: OpenDatabase,
  id: number,
  { potId, leftOut }: LeaveOutBody,
  at: Date,
): Promise<void> {
  const { timeZone } = await readSite(db)
  const trial = await readTrial(db, id)
  const pot = requirePot(trial, potId)
  if (leftOut === null) return excludePot(db, pot.id, null)
  requireLookDay(trial, leftOut.on, dayAt(timeZone, at))
  await excludePot(db, pot.id, { on: leftOut.on, happened: null, why: leftOut.why.trim() })
}

/**
 * Closes a trial, so that its result stands and what is in its pots is told, or opens it again.
 * @throws StaleWrite, Conflict where nothing was planted or read
 */
export async function closeTrial(
  db: OpenDatabase,
  id: number,
  { version, isClosed }: CloseTrialBody,
  at: Date,
): Promise<void> {
  const trial = await readTrial(db, id)
  if (trial.plantedOn === null)
    throw new Conflict('This trial is not planted: put it away instead.')
  if (!isClosed || trial.kind === 'jar') {
    return changeTrial(db, id, version, { closedAt: isClosed ? at : null, outcome: null })
  }
  const course = await courseOf(db, await readTables(db, (await readSite(db)).timeZone), trial)
  const isRead = course?.pots.some((pot) => pot.records.length > 0 || pot.diedOn != null)
  if (!isRead) {
    throw new Conflict('Nothing was read in it yet: look at its pots first, or put it away.')
  }
  await changeTrial(db, id, version, { closedAt: at })
  await setOutcome(db, id, outcomeOf(await resultsPage(db, id)))
}
