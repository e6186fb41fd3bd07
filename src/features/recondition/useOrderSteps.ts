import { useRef, useState } from 'react'
// Past the front door: the page needs no solver.
import { type StepDay, stepDays } from '../../core/recondition/stepDays'
import type { Problem } from '../../messages/problem'
import type { OrderPage, OrderStepView, StepBody } from '../../messages/recondition/turnover'
import { useSite } from '../../ui/SiteContext'
import { send } from '../../ui/send'
import { type Sent, useSendQueue } from '../../ui/useSendQueue'

type Change = Omit<StepBody, 'version'> & { readonly stepId: number }

export interface OrderSteps {
  /** As they are once everything that waits has arrived, each with its day. */
  readonly steps: readonly (OrderStepView & {
    readonly day: StepDay
    readonly isWaiting: boolean
  })[]
  readonly problem: Problem | null
  /** So many entries have not arrived yet. */
  readonly waiting: number
  /** The last try to send them failed. */
  readonly isLate: boolean
  readonly change: (stepId: number, what: Omit<StepBody, 'version'>) => void
}

/** Ticks and amounts of an order: shown at once, sent one after another, never lost. */
export function useOrderSteps(page: OrderPage): OrderSteps {
  const { site } = useSite()
  const [steps, setSteps] = useState(page.steps)
  const [problem, setProblem] = useState<Problem | null>(null)
  const known = useRef(page.steps)
  const put = (changed: OrderStepView) => {
    known.current = known.current.map((step) => (step.id === changed.id ? changed : step))
    setSteps(known.current)
  }

  const deliver = async ({ stepId, ...what }: Change): Promise<Sent> => {
    const version = known.current.find(({ id }) => id === stepId)?.version ?? 0
    const address = `/api/recondition/work-orders/${page.id}/steps/${stepId}`
    const answer = await send<OrderStepView>('PATCH', address, { version, ...what })
    if (answer.ok) {
      setProblem(null)
      put(answer.data)
      return 'kept'
    }
    const { status, code, current } = answer.problem
    if (status === 0 || status >= 500) return 'not sent'
    setProblem(answer.problem)
    if (code === 'stale' && current?.step) put(current.step as OrderStepView)
    return 'refused'
  }
  const { waiting, isLate, add } = useSendQueue<Change>(`order/${page.id}`, deliver)

  const shown = steps.map((step) => withWaiting(step, waiting, site.today))
  const days = stepDays(shown, site.today)
  return {
    steps: shown.map((step, index) => ({ ...step, day: days[index] as StepDay })),
    problem,
    waiting: waiting.length,
    isLate,
    change: (stepId, what) => {
      setProblem(null)
      add({ stepId, ...what })
    },
  }
}

/** A step as it is once what waits has arrived. */
function withWaiting(step: OrderStepView, waiting: readonly Change[], today: string) {
  const mine = waiting.filter(({ stepId }) => stepId === step.id)
  const ticks = mine.flatMap(({ done }) => (done === undefined ? [] : [done]))
  const actuals = new Map(mine.flatMap(({ actuals: one = {} }) => Object.entries(one)))
  const lastTick = ticks.at(-1)
  const early = mine.findLast(({ done }) => done !== undefined)?.early
  return {
    ...step,
    isWaiting: mine.length > 0,
    // At once: a line that comes with the answer would move what is under the thumb.
    earlyFor: lastTick === undefined ? step.earlyFor : (early ?? null),
    doneOn: lastTick === undefined ? step.doneOn : lastTick ? today : null,
    amounts: step.amounts.map((amount) =>
      actuals.has(amount.id) ? { ...amount, actual: actuals.get(amount.id) ?? null } : amount,
    ),
  }
}
