import { useState } from 'react'
import type { ProtocolStep } from '../../core/trials'
import type { Problem } from '../../messages/problem'
import type { TrialStepBody } from '../../messages/trials/trialSteps'
import type { TrialPage } from '../../messages/trials/trialViews'
import { ProblemNotice } from '../../ui/Notice'
import { useOutbox } from '../../ui/outbox/useOutbox'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { trials as words } from '../../ui/texts/trials/trials'
import { trialWords } from '../../ui/texts/trials/trialWords'
import styles from './Trial.module.css'

/** What has to be alike for all pots, ticked as it is done. */
export function ProtocolList({
  page,
  onSteps,
}: {
  readonly page: TrialPage
  /** Of the answer only what it is about: a page that was sent later may be there before it. */
  readonly onSteps: (steps: TrialPage['steps']) => void
}) {
  const { format, site } = useSite()
  const [problem, setProblem] = useState<Problem | null>(null)
  /** Shown the moment it is tapped, until what was kept of it takes over. */
  const [tapped, setTapped] = useState<Readonly<Record<string, boolean>>>({})
  const forget = (step: string) => setTapped(({ [step]: _, ...others }) => others)
  const { waiting, add } = useOutbox<TrialStepBody, TrialPage>(`trial-steps/${page.id}`, {
    onAnswer: (answer, { body }) => {
      setProblem(null)
      forget((body as TrialStepBody).step)
      onSteps(answer.steps)
    },
    onRefused: (refused, { body }) => {
      setProblem(refused)
      forget((body as TrialStepBody).step)
    },
  })
  const tick = (step: ProtocolStep, done: boolean) => {
    setTapped((others) => ({ ...others, [step.id]: done }))
    const body = { step: step.id, done }
    void add({
      title: words.ticked(trialWords.stepOf(step, page.protocol.light), done),
      where: page.name,
      page: `/trials/${page.id}`,
      ...request('POST /api/trials/[id]/steps', {
        params: { id: page.id },
        body,
      }),
      body,
    })
  }
  // What waits counts as done here: it is sent once there is a connection.
  const steps = page.steps.map((step) => {
    const last = waiting.findLast(({ body }) => body.step === step.id)?.body.done
    const done = tapped[step.id] ?? last
    return done === undefined ? step : { ...step, doneOn: done ? site.today : null }
  })
  return (
    <section aria-labelledby="alike" className={styles.part}>
      <h2 id="alike">{words.protocol}</h2>
      <ol className={styles.steps}>
        {steps.map((step) => (
          <li key={step.id}>
            <label>
              <input
                type="checkbox"
                checked={step.doneOn !== null}
                onChange={(event) => tick(step, event.target.checked)}
              />
              <span>
                {trialWords.stepOf(step, page.protocol.light)}
                {step.doneOn && <small> {words.doneOn(format.day(step.doneOn))}</small>}
              </span>
            </label>
          </li>
        ))}
      </ol>
      <ProblemNotice problem={problem} />
    </section>
  )
}
