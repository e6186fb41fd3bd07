import { protocolSteps } from '../../core/trials'
import { NotFound } from '../../data/errors'
import { readSite } from '../../data/site'
import { changeTrial, readTrial, setStepsDone } from '../../data/trials'
import type { LessonsBody, TrialStepBody } from '../../messages/trials/trialSteps'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'

/** A step of the protocol is done, or was not. @throws NotFound */
export async function tickTrialStep(
  db: OpenDatabase,
  id: number,
  { step, done }: TrialStepBody,
  at: Date,
): Promise<void> {
  const trial = await readTrial(db, id)
  const steps = protocolSteps({
    kind: trial.kind,
    seeds: trial.perPot,
    protocol: trial.protocol,
    isSown: trial.perPot > 0 && trial.how === 'sown',
  })
  if (!steps.some((one) => one.id === step)) throw new NotFound('There is no such step.')
  const { [step]: _, ...others } = trial.stepsDone
  const on = dayAt((await readSite(db)).timeZone, at)
  await setStepsDone(db, id, done ? { ...others, [step]: on } : others)
}

/** What was learnt: it is shown when the next trial is planned. @throws StaleWrite */
export async function keepLessons(
  db: OpenDatabase,
  id: number,
  { version, lessons }: LessonsBody,
): Promise<void> {
  await changeTrial(db, id, version, { lessons: lessons.trim() || null })
}
