import { addMoment, correctMoment, readBenchTest } from '../../data/bench'
import type { TestState } from '../../messages/bench/benchViews'
import type { CorrectionBody, MomentBody } from '../../messages/bench/tests'
import type { OpenDatabase } from '../database'
import { Refused } from '../problem'
import { testState } from './testPage'

/** A device's clock may be a little ahead of the server's, ms. */
const AHEAD_MS = 60_000
const START_KEYS: readonly string[] = ['pour', 'drops', 'start', 'opened']

/** Keeps a tap; sent twice it is kept once. @returns the test as it is now */
export async function keepMoment(
  db: OpenDatabase,
  testId: number,
  { id, key, at, value }: MomentBody,
  now: Date,
): Promise<TestState> {
  requireTime(at, now)
  await addMoment(db, testId, { id, key, at: new Date(at), value })
  return testState(db, testId, now)
}

/**
 * Corrects a tap by hand or takes it back. Times may be put right one after the other, in any order: that they contradict
 * each other is told meanwhile, and refused at the end of the test. Only the clock's start comes before all.
 */
export async function correct(
  db: OpenDatabase,
  testId: number,
  momentId: string,
  { at, value, undone }: CorrectionBody,
  now: Date,
): Promise<TestState> {
  if (at !== undefined) {
    requireTime(at, now)
    const { moments } = await readBenchTest(db, testId)
    const start = moments.find(({ key, id }) => START_KEYS.includes(key) && id !== momentId)
    if (start && Date.parse(at) < start.at.getTime()) {
      refuse('The corrected time lies before the clock was started.')
    }
    const isStart = moments.some(({ key, id }) => START_KEYS.includes(key) && id === momentId)
    if (
      isStart &&
      moments.some(({ id, at: other }) => id !== momentId && other.getTime() < Date.parse(at))
    ) {
      refuse('The clock cannot have been started after something was tapped.')
    }
  }
  await correctMoment(db, testId, momentId, {
    ...(at === undefined ? {} : { at: new Date(at) }),
    ...(value === undefined ? {} : { value }),
    ...(undone === undefined ? {} : { undoneAt: undone ? now : null }),
  })
  return testState(db, testId, now)
}

function requireTime(at: string, now: Date): void {
  if (Date.parse(at) > now.getTime() + AHEAD_MS) refuse('That moment has not come yet.')
}

function refuse(message: string): never {
  throw new Refused(422, 'not-valid', message, [{ field: 'at', message }])
}
