import { useState } from 'react'
import type { OrderPage, OrderState } from '../../../messages/recondition/turnover'
import type { SiteView } from '../../../messages/site/site'
import { Button, LinkButton } from '../../../ui/Button'
import { Notice, ProblemNotice } from '../../../ui/Notice'
import { OPEN_OUTBOX } from '../../../ui/outbox/openOutbox'
import { PageHead } from '../../../ui/PageHead'
import { InningsStrip } from '../../../ui/pictures/InningsStrip'
import { addressOf } from '../../../ui/request'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { outbox as outboxWords } from '../../../ui/texts/outbox'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import { useAskAgain } from '../../../ui/useAskAgain'
import { useReady } from '../../../ui/useReady'
import { useSend } from '../../../ui/useSend'
import { TurnoverSteps } from '../intake/TurnoverSteps'
import styles from './OrderScreen.module.css'
import { OrderStep } from './OrderStep'
import { useOrderSteps } from './useOrderSteps'

const words = reconditionWords.order
const ASK_MS = 5_000

/** The step in one of whose fields something may be half typed. */
function stepUnderHand(): number | null {
  const field = document.activeElement
  if (!(field instanceof HTMLInputElement) || field.type !== 'text') return null
  return Number(field.closest('[data-step]')?.getAttribute('data-step'))
}

/** A turnover step by step: ticked as it is done, with what was really used, until it is finished. */
export default function OrderScreen({ page, site }: { page: OrderPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Order page={page} />
    </SiteProvider>
  )
}

function Order({ page }: { page: OrderPage }) {
  const { format } = useSite()
  const {
    steps,
    problem: stepProblem,
    waiting,
    isLate,
    isKnown,
    takeUp,
    change,
  } = useOrderSteps(page)
  const [canUndo, setCanUndo] = useState(page.canUndo)
  const [state, setState] = useState(page.state)
  const [finishedOn, setFinishedOn] = useState(page.finishedOn)
  const [leftover, setLeftover] = useState<number | null>(null)
  const { problem, isSending: isDeciding, deliver } = useSend()
  const { site } = useSite()
  const ready = useReady()
  // Two may work on one order: each sees what the other ticks.
  useAskAgain<OrderState>(
    isDeciding
      ? null
      : addressOf('GET /api/recondition/work-orders/[id]/state', { params: { id: page.id } }),
    ASK_MS,
    (told) => {
      // Not under somebody's hands: what is typed meanwhile would be entered over what the other used.
      const under = stepUnderHand()
      takeUp(told.steps.filter(({ id }) => id !== under))
      setState(told.state)
      setFinishedOn(told.finishedOn)
      setCanUndo(told.canUndo)
    },
  )
  const open = state === 'open'
  const doneCount = steps.filter(({ doneOn }) => doneOn !== null).length
  const plantDay = steps.at(-1)?.day.startsOn ?? page.readyOn
  const readyOn = open && plantDay > page.readyOn ? plantDay : page.readyOn

  const decide = async (what: 'finish' | 'put-away' | 'take-up' | 'undo-finish') => {
    const answer = await deliver(`POST /api/recondition/work-orders/[id]/${what}`, {
      params: { id: page.id },
    })
    if (!answer) return
    if (what === 'finish') {
      setLeftover(answer.data?.leftoverLotId ?? null)
      setFinishedOn(site.today)
      setState('finished')
      setCanUndo(true)
      window.scrollTo({ top: 0 })
    } else {
      setState(what === 'put-away' ? 'put-away' : 'open')
      setCanUndo(false)
    }
  }

  return (
    <>
      <PageHead
        title={words.title(page.lot.name)}
        beside={words.lead(
          page.cropName,
          format.plain(format.litres(page.litresWanted)),
          page.potCodes.join(', '),
        )}
        lead={
          <>
            <InningsStrip innings={page.lot.innings} nextOpen={open} />{' '}
            {words.done(doneCount, steps.length)} · {words.readyOn(format.day(readyOn))}
          </>
        }
      />
      <div className={styles.way}>
        <TurnoverSteps now={state === 'finished' ? 5 : 3} />
      </div>
      {state === 'finished' && finishedOn && (
        <Notice tone="ok">
          {words.finished(format.day(finishedOn))}{' '}
          <a href={`/lots/${page.lot.id}`}>{words.toLot}</a>
          {leftover !== null && (
            <>
              {' · '}
              <a href={`/lots/${leftover}`}>{words.toLeftover(leftover)}</a>
            </>
          )}
          {canUndo && (
            <>
              {' '}
              <Button weight="quiet" data-needs="manage" onClick={() => decide('undo-finish')}>
                {words.undoFinish}
              </Button>
            </>
          )}
        </Notice>
      )}
      {state === 'put-away' && (
        <Notice>
          {words.putAwayDone}{' '}
          <Button weight="quiet" data-needs="manage" onClick={() => decide('take-up')}>
            {words.undo}
          </Button>
        </Notice>
      )}
      <fieldset disabled={!ready} className="plain">
        <ol className={styles.steps}>
          {steps.map((step) => (
            <OrderStep
              key={step.id}
              step={step}
              names={page.names}
              locked={!open}
              leachLitres={page.leachLitres}
              loads={page.loads}
              onTick={(done, early) => change(step.id, { done, ...(early ? { early } : {}) })}
              onActual={(id, amount) => change(step.id, { actuals: { [id]: amount } })}
            />
          ))}
        </ol>
      </fieldset>
      <div className={styles.foot}>
        {waiting > 0 && isLate && <Notice tone="act">{words.notSaved(waiting)}</Notice>}
        <ProblemNotice problem={problem ?? stepProblem} />
        {stepProblem && (
          <Button onClick={() => window.dispatchEvent(new Event(OPEN_OUTBOX))}>
            {outboxWords.decide}
          </Button>
        )}
        {open && (
          <>
            <p>
              {words.finishLead(format.plain(format.litres(page.litresFound)))}{' '}
              {doneCount < steps.length && words.notTicked(steps.length - doneCount)}
            </p>
            <div className={styles.actions}>
              <Button
                weight="main"
                disabled={waiting > 0 || !isKnown}
                data-needs="manage"
                onClick={() => decide('finish')}
              >
                {words.finish}
              </Button>
              <LinkButton href={`/lots/${page.lot.id}`}>{words.toLot}</LinkButton>
              <Button weight="quiet" data-needs="manage" onClick={() => decide('put-away')}>
                {words.putAway}
              </Button>
            </div>
          </>
        )}
      </div>
    </>
  )
}
