import type { TrialPage } from '../../messages/trials/trialViews'
import { Button, LinkButton } from '../../ui/Button'
import type { Format } from '../../ui/format'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { useOutbox } from '../../ui/outbox/useOutbox'
import { useSite } from '../../ui/SiteContext'
import { look as lookWords } from '../../ui/texts/trials/look'
import { trials as words } from '../../ui/texts/trials/trials'
import { showToast } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import { potsOf } from './look/look'
import { mustText } from './mustText'
import styles from './Trial.module.css'

/** What comes next in a trial that is planted: the look that is due, closing it, or what it found. */
export function RunningPart({
  page,
  onChange,
}: {
  readonly page: TrialPage
  readonly onChange: (page: TrialPage) => void
}) {
  const { problem, isSending, deliver } = useSend()
  // What was read and is not sent yet would be refused by a closed trial.
  const { waiting, isLate } = useOutbox<{ readonly potId: number }>(`look/${page.id}`)
  const isClosed = page.closedOn !== null
  const close = async () => {
    if (isSending) return
    const answer = await deliver('PUT /api/trials/[id]/close', {
      params: { id: page.id },
      body: {
        version: page.version,
        isClosed: !isClosed,
      },
    })
    if (!answer) return
    onChange(answer.data)
    showToast({ text: isClosed ? words.isOpen : words.isClosed })
  }
  const unfinished = unfinishedOf(page)
  const isOver =
    page.checks.length > 0 && page.checks.every(({ state }) => ['done', 'missed'].includes(state))
  const results = `/trials/${page.id}/results`
  return (
    <section aria-label={words.states[page.state]} className={styles.part}>
      {page.plantedOn !== null && (
        <Notice tone={isVoid(page) ? 'stop' : unfinished || fails(page) ? 'act' : 'ok'}>
          {isClosed ? <Closed page={page} /> : <Next page={page} isOver={isOver} />}
        </Notice>
      )}
      <div className={styles.foot}>
        {isClosed && (
          <LinkButton weight="main" href={results}>
            {words.toResult}
          </LinkButton>
        )}
        {isClosed && isVoid(page) && (
          <LinkButton href={`/trials/new?like=${page.id}`} data-needs="manage">
            {words.rerun}
          </LinkButton>
        )}
        {!isClosed && (
          <>
            <LinkButton
              weight={isOver ? 'plain' : 'main'}
              href={`/trials/${page.id}/look`}
              data-needs="log"
            >
              {words.lookNow}
            </LinkButton>
            <LinkButton href={results}>{words.soFar}</LinkButton>
          </>
        )}
        <Button
          weight={!isClosed && isOver ? 'main' : 'quiet'}
          data-needs="manage"
          disabled={waiting.length > 0}
          onClick={() => void close()}
        >
          {isClosed ? words.open : words.close}
        </Button>
      </div>
      {isLate && (
        <p role="status">
          {lookWords.waiting(potsOf(waiting))} {words.closeLater}
        </p>
      )}
      <ProblemNotice problem={problem} />
    </section>
  )
}

function Next({ page, isOver }: { readonly page: TrialPage; readonly isOver: boolean }) {
  const { format } = useSite()
  const unfinished = unfinishedOf(page)
  const next = page.checks.find(({ state }) => state === 'to-come')
  return (
    <>
      {words.running(format.day(page.plantedOn ?? ''))}{' '}
      {unfinished?.on
        ? unfinished.state === 'due'
          ? words.dueLook(unfinished.day)
          : words.lateLook(unfinished.day, format.day(unfinished.on))
        : isOver
          ? words.allLooked
          : next?.on && words.nextLook(format.day(next.on))}
      {fails(page) && ` ${words.controlFails(...reachedText(page, format))}`}
      {isOver && page.isBlind && ` ${words.closeWhy}`}
    </>
  )
}

function Closed({ page }: { readonly page: TrialPage }) {
  const { format } = useSite()
  return (
    <>
      {words.closed(format.day(page.closedOn ?? ''))}{' '}
      {isVoid(page) && words.voidTitle(...reachedText(page, format))}
    </>
  )
}

function reachedText({ must, mustValue, control }: TrialPage, format: Format) {
  return mustText(must, control?.value ?? 0, mustValue, format)
}

function unfinishedOf({ checks }: TrialPage) {
  return checks.find(({ state }) => state === 'late' || state === 'due')
}

function fails({ control, state, checks, must }: TrialPage): boolean {
  if (!control || control.isReached || state !== 'running') return false
  // Seeds and weeds may come yet; what died does not come back.
  if (must === 'survival') return true
  return checks.every((one) => one.state === 'done' || one.state === 'missed')
}

function isVoid({ control, closedOn }: TrialPage): boolean {
  return closedOn !== null && control !== null && !control.isReached
}
