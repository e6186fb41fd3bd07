import { stepDays } from '../../core/recondition'
import type { Database } from '../../data/database'
import { StaleWrite } from '../../data/errors'
import {
  changeStep,
  readWorkOrder,
  type StepChange,
  type WorkOrderStep,
} from '../../data/recondition'
import { readSite } from '../../data/site'
import type { OrderStepView, StepBody, StepParams } from '../../messages/recondition/turnover'
import { dayAt } from '../clock'
import { Refused } from '../problem'
import { stepView } from './orderPage'

/** Ticks a step or notes what was really used; a wait is not ticked away without a reason. */
export async function tickStep(
  db: Database,
  { id, stepId }: StepParams,
  { version, done, early, actuals }: StepBody,
  now: Date,
): Promise<OrderStepView> {
  const { timeZone } = await readSite(db)
  if (done && !early) await requireOver(db, id, stepId, dayAt(timeZone, now), timeZone)
  const step = await change(db, id, timeZone, {
    stepId,
    version,
    ...(done === undefined
      ? {}
      : { doneAt: done ? now : null, earlyFor: done ? (early ?? null) : null }),
    ...(actuals === undefined ? {} : { actuals }),
  })
  return stepView(step, timeZone)
}

/** A step that was changed elsewhere comes back as pages show it. */
async function change(
  db: Database,
  orderId: number,
  timeZone: string,
  what: StepChange,
): Promise<WorkOrderStep> {
  try {
    return await changeStep(db, orderId, what)
  } catch (error) {
    if (!(error instanceof StaleWrite)) throw error
    const step = error.current.step as WorkOrderStep
    throw new StaleWrite(error.message, { step: stepView(step, timeZone) })
  }
}

async function requireOver(
  db: Database,
  orderId: number,
  stepId: number,
  today: string,
  timeZone: string,
): Promise<void> {
  const { steps } = await readWorkOrder(db, orderId)
  const views = steps.map((step) => stepView(step, timeZone))
  const place = views.findIndex(({ id }) => id === stepId)
  const view = views[place]
  const day = stepDays(views, today)[place]
  if (!view || !day) return
  const overOn = view.plan.waitDays > 0 ? day.overOn : day.startsOn
  if (overOn <= today) return
  const message = 'Its wait is not over yet: say why it is ticked now.'
  throw new Refused(409, 'too-early', message, [{ field: 'early', message }], { overOn })
}
