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

/** Corrects a tap by hand or takes it back; times before the clock's start are refused. */
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
  if (at !== undefined) await requireOrder(db, testId, momentId, at)
  await correctMoment(db, testId, momentId, {
    ...(at === undefined ? {} : { at: new Date(at) }),
    ...(value === undefined ? {} : { value }),
    ...(undone === undefined ? {} : { undoneAt: undone ? now : null }),
  })
  return testState(db, testId, now)
}

/** Water drips before it reaches the mark, and stops dripping after that. */
const IN_ORDER: readonly (readonly [key: string, name: string])[] = [
  ['drip', 'the first drip'],
  ['mark', 'the mark'],
  ['stopped', 'the end of dripping'],
]

async function requireOrder(
  db: OpenDatabase,
  testId: number,
  momentId: string,
  at: string,
): Promise<void> {
  const { moments } = await readBenchTest(db, testId)
  const mine = IN_ORDER.findIndex(([key]) => key === moments.find(({ id }) => id === momentId)?.key)
  if (mine < 0) return
  for (const [place, [key, name]] of IN_ORDER.entries()) {
    const other = moments.find((one) => one.key === key && one.id !== momentId)
    if (!other || place === mine) continue
    const isEarlier = Date.parse(at) < other.at.getTime()
    if (place < mine && isEarlier) refuse(`That lies before ${name}.`)
    if (place > mine && Date.parse(at) > other.at.getTime()) refuse(`That lies after ${name}.`)
  }
}

function requireTime(at: string, now: Date): void {
  if (Date.parse(at) > now.getTime() + AHEAD_MS) refuse('That moment has not come yet.')
}

function refuse(message: string): never {
  throw new Refused(422, 'not-valid', message, [{ field: 'at', message }])
}
