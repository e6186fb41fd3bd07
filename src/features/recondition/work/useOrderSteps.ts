import { useRef, useState } from 'react'
// Past the front door: the page needs no solver.
import { type StepDay, stepDays } from '../../../core/recondition'
import type { Problem } from '../../../messages/problem'
import type { OrderPage, OrderStepView, StepBody } from '../../../messages/recondition/turnover'
import { useOutbox } from '../../../ui/outbox/useOutbox'
import { request } from '../../../ui/request'
import { useSite } from '../../../ui/SiteContext'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'

type Change = Omit<StepBody, 'version'> & { readonly stepId: number }

const words = reconditionWords.order

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
  /** What waits is known: the browser has told what it kept. */
  readonly isKnown: boolean
  /** Takes up what others have changed meanwhile; what is older than what is known here is not. */
  readonly takeUp: (steps: readonly OrderStepView[]) => void
  readonly change: (stepId: number, what: Omit<StepBody, 'version'>) => void
}

/** Ticks and amounts of an order: shown at once, sent one after another, never lost. */
export function useOrderSteps(page: OrderPage): OrderSteps {
  const { site, format } = useSite()
  const [steps, setSteps] = useState(page.steps)
  const [problem, setProblem] = useState<Problem | null>(null)
  const known = useRef(page.steps)
  const put = (changed: OrderStepView) => {
    known.current = known.current.map((step) => (step.id === changed.id ? changed : step))
    setSteps(known.current)
  }

  // Each change raises the version by one: what waits is one ahead of the other.
  const versions = useRef(new Map<number, number>())
  const { waiting, isLate, isOpen, add } = useOutbox<StepBody, OrderStepView>(`order/${page.id}`, {
    tellsOld: true,
    onAnswer: (step) => {
      const now = known.current.find(({ id }) => id === step.id)
      if (now && now.version > step.version) return
      setProblem(null)
      put(step)
    },
    onRefused: (refused, { address }) => {
      setProblem(refused)
      versions.current.delete(stepOf(address))
      const { code, current } = refused
      if (code === 'stale' && current?.step) put(current.step as OrderStepView)
    },
  })
  const changes = waiting.map(({ address, body }) => ({ stepId: stepOf(address), ...body }))

  const enter = (step: OrderStepView, what: Omit<StepBody, 'version'>) => {
    const waits = changes.filter(({ stepId }) => stepId === step.id).length
    const last = versions.current.get(step.id) ?? -1
    const version = Math.max(step.version + waits, last + 1)
    versions.current.set(step.id, version)
    const body = { version, ...what }
    void add({
      title: titleOf(step, what),
      where: words.title(page.lot.name),
      page: `/turnover/orders/${page.id}`,
      ...request('PATCH /api/recondition/work-orders/[id]/steps/[stepId]', {
        params: { id: page.id, stepId: step.id },
        body,
      }),
      body,
    })
  }

  const titleOf = (
    { plan, amounts }: OrderStepView,
    { done, actuals }: Omit<StepBody, 'version'>,
  ) => {
    if (done !== undefined) return words.ticked(reconditionWords.steps[plan.kind].title, done)
    const used = Object.entries(actuals ?? {}).map(([id, amount]) => {
      const unit = amounts.find((one) => one.id === id)?.unit ?? ''
      const said = amount === null ? words.asPlanned : `${format.number(amount, 1)} ${unit}`
      return words.used(page.names[id]?.name ?? id, said)
    })
    return used.join(', ')
  }

  const shown = steps.map((step) => withWaiting(step, changes, site.today))
  const days = stepDays(shown, site.today)
  return {
    steps: shown.map((step, index) => ({ ...step, day: days[index] as StepDay })),
    problem,
    waiting: waiting.length,
    isLate,
    isKnown: isOpen,
    takeUp: (told) => {
      for (const step of told) {
        const now = known.current.find(({ id }) => id === step.id)
        if (now && now.version < step.version) put(step)
      }
    },
    change: (stepId, what) => {
      setProblem(null)
      const step = known.current.find(({ id }) => id === stepId)
      if (step) enter(step, what)
    },
  }
}

function stepOf(address: string): number {
  return Number(address.split('/').at(-1))
}

/** A step as it is once what waits has arrived. */
function withWaiting(step: OrderStepView, waiting: readonly Change[], today: string) {
  const mine = waiting.filter(({ stepId }) => stepId === step.id)
  const ticks = mine.flatMap(({ done }) => (done === undefined ? [] : [done]))
  const actuals = new Map(mine.flatMap(({ actuals = {} }) => Object.entries(actuals)))
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
