import { useEffect, useMemo, useRef } from 'react'
import type { TestPage } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { Button } from '../../ui/Button'
import { useFields } from '../../ui/form/useForm'
import { Caution, Notice, ProblemNotice } from '../../ui/Notice'
import { type BodyOf, request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { showToastOnNextPage } from '../../ui/toast'
import { useReady } from '../../ui/useReady'
import { useSend } from '../../ui/useSend'
import styles from './Bench.module.css'
import { BenchForm } from './BenchForm'
import { type BenchBody, type BenchValues, benchBody, waterBody } from './benchBody'
import { benchDefaults } from './benchFields'
import { benchValues } from './benchValues'
import { ClockPanel } from './ClockPanel'
import { clockPlan } from './clockPlan'
import { fieldErrors } from './fieldErrors'
import { HeatPanel } from './HeatPanel'
import { TestFrame } from './TestFrame'
import { useSharedDraft } from './useSharedDraft'
import { useTestClock } from './useTestClock'

const words = benchWords

/** A test that runs: its clock, what was read, and the end of it. */
type Finished = BodyOf<'POST /api/bench/tests/[id]/finish'>

export default function RunningTestScreen(props: {
  readonly page: TestPage
  readonly site: SiteView
}) {
  return (
    <TestFrame {...props}>
      <Running page={props.page} />
    </TestFrame>
  )
}

function Running({ page }: { readonly page: TestPage }) {
  const { site } = useSite()
  const ready = useReady()
  const clock = useTestClock(page)
  const plan = clockPlan(page.kind, page.kit, page.expected)
  const { problem, stamp, isSending, deliver } = useSend()
  const defaults = useMemo(
    (): BenchValues => ({
      ...benchDefaults(page.kind, page.kit, {
        penId: page.pens[0]?.id ?? null,
        today: site.today,
        tapWater: page.tapWater,
      }),
      ...(page.kind === 'phEc' && page.pens[0]?.compensates === false ? { compensated: 'no' } : {}),
      place: page.place,
      judge: page.judge,
      ...(page.corrects
        ? { ...benchValues(page.corrects.observation), note: page.corrects.note }
        : {}),
      ...(page.draft as BenchValues | null),
    }),
    [page, site.today],
  )
  // Its draft is the server's: a test is read by several.
  const { form } = useFields<BenchValues>(null, defaults)
  const forget = useSharedDraft(page.id, form)
  useEffect(() => {
    const { unsubscribe } = form.watch(({ penId }, { name }) => {
      const pen = name === 'penId' ? page.pens.find(({ id }) => String(id) === penId) : undefined
      if (pen?.compensates != null) form.setValue('compensated', pen.compensates ? 'yes' : 'no')
    })
    return unsubscribe
  }, [form, page.pens])
  const test = words.tests[page.kind]
  const { name } = test
  // By what was sent last: rows that were left empty are not in it, so that the next one stands in their place.
  const sent = useRef<BenchBody['fieldAt']>(new Map())
  const errorOf = (field: string) => fieldErrors(problem, sent.current, field, stamp)

  const finish = form.handleSubmit(async ({ place, judge, note, ...values }) => {
    const { observation, fieldAt } = benchBody(page.kind, values, site.measures)
    sent.current = fieldAt
    const answer = await deliver('POST /api/bench/tests/[id]/finish', {
      params: { id: page.id },
      body: {
        // What is typed is no answer yet: the endpoint names the field of what it cannot read.
        observation: observation as Finished['observation'],
        water: waterBody(page.kind, values, site.measures),
        place: String(place ?? ''),
        judge: String(judge ?? ''),
        note: String(note ?? ''),
      },
    })
    if (!answer) return
    forget()
    window.location.reload()
  })
  const throwAway = async () => {
    const answer = await deliver('POST /api/bench/tests/[id]/throw-away', {
      params: { id: page.id },
    })
    if (!answer) return
    forget()
    showToastOnNextPage({
      text: words.thrownAway(name),
      undo: request('POST /api/bench/tests/[id]/take-up', { params: { id: page.id } }),
    })
    window.location.assign('/bench')
  }

  return (
    // Enter in a field is never the end of a test: only the key below is.
    <form data-paper onSubmit={(event) => event.preventDefault()} noValidate>
      <fieldset disabled={!ready} className={`plain ${styles.running}`}>
        {plan && <ClockPanel page={page} plan={plan} clock={clock} />}
        {page.corrects && <Notice tone="act">{words.correcting}</Notice>}
        <Caution lines={words.tests[page.kind].cautions.map((short) => ({ short }))} />
        {test.before && <p className={styles.before}>{test.before}</p>}
        {page.kind === 'heat' && (
          <HeatPanel page={page} form={form} clock={clock} errorOf={errorOf} />
        )}
        <ProblemNotice problem={problem} />
        <BenchForm page={page} form={form} errorOf={errorOf} isClocked={clock.moments.length > 0} />
        <div className={`${styles.actions} ${styles.end}`}>
          <Button weight="main" disabled={isSending} onClick={() => void finish()}>
            {words.finish}
          </Button>
          <Button weight="quiet" data-needs="manage" onClick={() => void throwAway()}>
            {words.throwAway}
          </Button>
        </div>
      </fieldset>
    </form>
  )
}
