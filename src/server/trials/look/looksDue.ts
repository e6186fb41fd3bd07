import { type TrialCheck, trialChecks } from '../../../core/trials'
import { groupBy } from '../../../data/groupBy'
import { readSite } from '../../../data/site'
import { looksOfTrials, runningTrials, type Trial } from '../../../data/trials'
import type { LookToDo } from '../../../messages/trials/lookViews'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { readTables } from '../../tables'
import { isLook } from './courseOf'
import { datedChecks } from './schedule'

/** Where the schedule of a running trial stands. */
export interface LooksDue {
  /** The next day it is looked at, today among them; null where none is left. */
  readonly nextCheck: string | null
  readonly lateLooks: number
  /** The first look that is late or due today. */
  readonly due: TrialCheck | null
}

/** Of those of the trials that run. */
export async function looksDue(
  db: OpenDatabase,
  { timeZone, today }: Pick<Tables, 'timeZone' | 'today'>,
  trials: readonly Trial[],
): Promise<ReadonlyMap<number, LooksDue>> {
  const running = trials.filter(
    ({ plantedOn, closedAt }) => plantedOn !== null && closedAt === null,
  )
  const written = await looksOfTrials(
    db,
    running.map(({ id }) => id),
  )
  const writtenOf = groupBy(written, ({ trialId }) => trialId)
  return new Map(
    running.map((trial) => {
      const mine = writtenOf.get(trial.id) ?? []
      const dead = new Set(
        mine.filter(({ kind }) => kind === 'died').map(({ containerId }) => containerId),
      )
      const pots = trial.potList.filter(
        ({ excludedOn, containerId }) => excludedOn === null && !dead.has(containerId ?? 0),
      )
      const checks = trialChecks({
        checks: datedChecks(trial),
        looks: mine
          .filter(({ kind }) => isLook(kind))
          .map(({ containerId, at }) => ({ pot: containerId, on: dayAt(timeZone, at) })),
        pots: pots.length,
        today,
      })
      const late = checks.filter(({ state }) => state === 'late')
      const next = checks.find(({ state }) => state === 'due' || state === 'to-come')
      const due = late[0] ?? checks.find(({ state }) => state === 'due') ?? null
      return [trial.id, { nextCheck: next?.on ?? null, lateLooks: late.length, due }]
    }),
  )
}

/** Trials whose pots are to be looked at today, or were to be. */
export async function looksToday(db: OpenDatabase): Promise<LookToDo[]> {
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const trials = await runningTrials(db)
  const dueOf = await looksDue(db, tables, trials)
  return trials.flatMap(({ id, name, potList }) => {
    const due = dueOf.get(id)?.due
    return due
      ? [
          {
            trialId: id,
            name,
            day: due.day,
            on: due.on,
            isLate: due.state === 'late',
            pots: potList.length,
          },
        ]
      : []
  })
}
