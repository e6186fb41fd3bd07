import { Conflict } from '../../../data/errors'
import { addFindings, endFindingsOfTrial } from '../../../data/media'
import { listProblems, writeLog } from '../../../data/season'
import { readSite } from '../../../data/site'
import { changeTrial, excludePot, readTrial, setOutcome, type Trial } from '../../../data/trials'
import type { CloseTrialBody, LeaveOutBody, PotEventBody } from '../../../messages/trials/looks'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'
import { newFound } from '../../lots'
import { refuseField } from '../../problem'
import { readTables } from '../../tables'
import { outcomeOf } from '../results/outcomeOf'
import { resultsPage } from '../results/resultsPage'
import { seedlingFinding } from '../results/seedlingDoses'
import { courseOf } from './courseOf'
import { lotIn, momentOf, requirePot } from './keepLook'
import { requireLookDay } from './lookRules'

/**
 * Writes down what happened to a pot of a trial, to its block or to all that are still in, and leaves pots out from that
 * day on where that is asked. A problem counts in their mix as well.
 * @throws Refused, NotFound, Conflict where the trial is not running
 */
export async function keepPotEvent(
  db: OpenDatabase,
  id: number,
  { potId, on, kind, problemId, note, isLeftOut, scope = 'pot' }: PotEventBody,
  at: Date,
): Promise<{ readonly id: number; readonly potId: number; readonly pots: number }> {
  const { timeZone } = await readSite(db)
  const trial = await readTrial(db, id)
  const pot = requirePot(trial, potId)
  const known = kind === 'problem' ? await listProblems(db) : []
  if (kind === 'problem' && !known.some((one) => one.id === problemId)) {
    refuseField('problemId', 'Choose what you saw from the list.')
  }
  if (isLeftOut && scope === 'all') {
    refuseField('isLeftOut', 'Nothing would count any more: close the trial instead.')
  }
  if (scope === 'block' && pot.block === null) {
    refuseField('scope', 'Its pots do not stand in blocks: choose the pot, or all of them.')
  }
  const when = momentOf(trial, on, at, timeZone)
  const day = dayAt(timeZone, when)
  const struck = trial.potList.filter(
    (one) =>
      one.id === pot.id ||
      (scope !== 'pot' &&
        (scope === 'all' || one.block === pot.block) &&
        one.containerId !== null &&
        (one.excludedOn === null || one.excludedOn > day)),
  )
  const seen = kind === 'problem' ? problemId : null
  // A mix that several pots share is told once.
  const foundIn = new Map<number, number | null>()
  let first: number | null = null
  for (const one of struck) {
    const { containerId, plantingId } = requirePot(trial, one.id)
    const lotId = await lotIn(db, timeZone, containerId)
    if (seen !== null && lotId !== null && !foundIn.has(lotId)) {
      const cropId = one.cropId ?? trial.cropId
      const { id: foundId } = await newFound(db, lotId, { problemId: seen, note }, when, cropId)
      foundIn.set(lotId, foundId)
    }
    const entryId = await writeLog(db, {
      containerId,
      plantingId,
      lotId,
      at: when,
      kind,
      value: null,
      problemId: seen,
      findingId: lotId === null ? null : (foundIn.get(lotId) ?? null),
      note: note.trim() || null,
      trialId: id,
    })
    if (one.id === pot.id) first = entryId
    if (isLeftOut) await excludePot(db, one.id, { on: day, happened: kind, why: note.trim() })
  }
  if (first === null) throw new Error('What happened was not written down.')
  return { id: first, potId: pot.id, pots: struck.length }
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
  if (!isClosed) {
    await changeTrial(db, id, version, { closedAt: isClosed ? at : null, outcome: null })
    for (const lotId of triedLots(trial)) await endFindingsOfTrial(db, lotId, trial.name, at)
    return
  }
  const { timeZone } = await readSite(db)
  const tables = await readTables(db, timeZone)
  const course = await courseOf(db, tables, trial)
  const isRead = course?.pots.some((pot) => pot.records.length > 0 || pot.diedOn != null)
  if (!isRead) {
    throw new Conflict('Nothing was read in it yet: look at its pots first, or put it away.')
  }
  await changeTrial(db, id, version, { closedAt: at })
  const outcome = outcomeOf(await resultsPage(db, id))
  await setOutcome(db, id, outcome)
  if (!course || outcome.isVoid) return
  const found = seedlingFinding(trial, course, tables, dayAt(timeZone, at))
  if (found) for (const lotId of triedLots(trial)) await addFindings(db, lotId, [found])
}

/** Lots whose mix is tried out in a trusted one. */
function triedLots({ kind, treatments }: Trial): number[] {
  if (kind !== 'dose') return []
  return [...new Set(treatments.flatMap(({ added }) => (added?.kind === 'lot' ? added.lotId : [])))]
}
