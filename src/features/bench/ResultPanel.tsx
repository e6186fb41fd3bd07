import { useState } from 'react'
import type { BenchVerdict, SampleChoice, TestPage } from '../../messages/bench/benchViews'
import { Button, LinkButton } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { benchVerdict } from '../../ui/texts/bench/benchVerdicts'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import styles from './Bench.module.css'
import { Learnt } from './Learnt'
import { SampleChooser } from './SampleChooser'
import { Spreads } from './Spreads'
import { useStartTest } from './useStartTest'
import { worstFirst } from './worstFirst'

const words = benchWords

/** What a test came to: sentences first, then the values over its repeats, then what to do. */
export function ResultPanel({ page }: { readonly page: TestPage }) {
  const { format } = useSite()
  const { outcome, sample } = page
  if (!outcome) return null
  const count = page.runs.filter(({ isReference }) => isReference === page.isReference).length
  const other = page.runs.find(({ isReference }) => isReference !== page.isReference)
  return (
    <div className={styles.both}>
      <section className={styles.result} aria-label={words.results}>
        {worstFirst(outcome.verdicts).map((verdict) => (
          <Notice key={verdict.id} tone={verdict.tone}>
            {benchVerdict(verdict, format)}
          </Notice>
        ))}
        {page.spreads.length > 0 && (
          <Spreads
            spreads={page.spreads}
            caption={count > 1 ? words.runs(count) : words.oneRun}
            names={[sample.name, other?.sampleName ?? words.columns.reference]}
            measuredOn={page.startedOn}
            // What an untrusted pen showed is written down, but is no measurement to go by.
            isPhDoubted={outcome.verdicts.some(({ id }) => id === 'pen.uncertain')}
          />
        )}
        <NextRuns page={page} />
        <h2>{words.todo}</h2>
        <div className={styles.actions}>
          {wantsRecipe(outcome.verdicts) && sample.kind === 'lot' && (
            <LinkButton href={`/turnover/new?lot=${sample.id}`}>{words.todoRecipe}</LinkButton>
          )}
          {outcome.verdicts.some(({ id }) => id === 'pen.uncertain') && (
            <LinkButton href="/bench/pens">{words.todoPens}</LinkButton>
          )}
          {sample.kind === 'lot' && (
            <LinkButton href={`/lots/${sample.id}`}>{words.todoLot}</LinkButton>
          )}
          {sample.kind === 'mix' && (
            <LinkButton href={`/mixes/design?mix=${sample.id}`}>{words.todoMix}</LinkButton>
          )}
          <LinkButton href={`/bench/samples/${sample.kind}/${sample.id}`}>
            {words.todoHistory}
          </LinkButton>
        </div>
        <PutRight page={page} />
      </section>
      {page.calibration && <Learnt calibration={page.calibration} kind={sample.kind} />}
    </div>
  )
}

/** What was typed wrongly is put right in a test of its own; what should not count is set aside with its reason. */
function PutRight({ page: { id, kind } }: { readonly page: TestPage }) {
  const [reason, setReason] = useState('')
  const { problem, errorOf, isSending, deliver } = useSend()
  const correct = async () => {
    if (isSending) return
    const answer = await deliver('POST /api/bench/tests/[id]/correct', { params: { id } })
    if (answer) window.location.assign(`/bench/tests/${answer.data.id}`)
  }
  const setAside = async () => {
    if (isSending) return
    const answer = await deliver('POST /api/bench/tests/[id]/set-aside', {
      params: { id },
      body: { reason },
    })
    if (!answer) return
    showToastOnNextPage({
      text: words.wasSetAside(words.tests[kind].name),
      undo: request('POST /api/bench/tests/[id]/take-up', { params: { id } }),
    })
    window.location.assign('/bench')
  }
  return (
    <details className={styles.protocol}>
      <summary>{words.putRight}</summary>
      <p>{words.putRightHow}</p>
      <Button onClick={() => void correct()}>{words.correctAnswers}</Button>
      <div className={styles.correct}>
        <TextField
          label={words.setAsideWhy}
          value={reason}
          error={errorOf('reason')}
          onChange={(event) => setReason(event.target.value)}
        />
        <Button onClick={() => void setAside()}>{words.setAside}</Button>
      </div>
      <ProblemNotice problem={problem} />
    </details>
  )
}

/** Verdicts that a turnover would answer. */
function wantsRecipe(verdicts: readonly BenchVerdict[]): boolean {
  return verdicts.some(({ id }) =>
    ['drain.slower', 'drain.stalled', 'air.less air', 'ph.low', 'ph.high', 'ec.high'].includes(id),
  )
}

function NextRuns({
  page: { id, kind, sample, samples, isReference },
}: {
  readonly page: TestPage
}) {
  const [beside, setBeside] = useState<SampleChoice | null>(null)
  const start = useStartTest()
  return (
    <div className={styles.actions}>
      <Button
        onClick={() =>
          start.begin({
            kind,
            sample: { kind: sample.kind, id: sample.id },
            besideId: id,
            ...(isReference ? { reference: true } : {}),
          })
        }
      >
        {words.again}
      </Button>
      {!isReference && (
        <SampleChooser
          label={words.beside}
          none={words.besideChoose}
          samples={samples}
          chosen={beside}
          error={start.problem?.detail}
          onChoose={(chosen) => {
            setBeside(chosen)
            if (!chosen) return
            start.begin({
              kind,
              sample: { kind: chosen.kind, id: chosen.id },
              besideId: id,
              reference: true,
            })
          }}
        />
      )}
    </div>
  )
}
