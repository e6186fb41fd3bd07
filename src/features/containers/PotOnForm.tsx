import { useEffect, useRef, useState } from 'react'
import type { GoingOn, PotOnPlan } from '../../messages/containers/goingOn'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { TextField } from '../../ui/Field'
import { Caution, Notice, ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { containers as potWords } from '../../ui/texts/containers'
import { goingOn as words } from '../../ui/texts/goingOn'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
import styles from './Fill.module.css'
import { PartsList } from './PartsList'
import { SourceField, sourceOf } from './SourceField'
import { TickedSteps } from './TickedSteps'

const NO_TICKS: readonly string[] = []
const NAMED = 6
/** Wet it weighs about as much as a person should lift alone. */
const HEAVY_L = 12

/** A living plant into a larger pot, as a guided job: worked out first, then written down. */
export function PotOnForm({
  id,
  with: { pots, choices },
}: {
  readonly id: number
  readonly with: GoingOn
}) {
  const { site } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  const { values, change, throwAway } = useKept(`pot-on/${id}`, {
    code: '',
    source: '',
    on: site.today,
    despite: '',
    asked: false,
    ticks: NO_TICKS,
  })
  const { code, source, on, despite, asked, ticks } = values
  const [plan, setPlan] = useState<PotOnPlan | null>(null)

  const send = async (check: boolean) => {
    if (isSending) return
    const body = { code, source: sourceOf(source), on, despite, check }
    const answer = await deliver('POST /api/containers/[id]/pot-on', { params: { id }, body })
    if (!answer) return
    if (check) {
      setPlan(answer.data.plan)
      change({ asked: true })
      return
    }
    throwAway()
    showToastOnNextPage({ text: words.potted(answer.data.plan.code) })
    window.location.assign(`/pots/${answer.data.containerId}`)
  }
  const sendNow = useRef(send)
  sendNow.current = send
  useEffect(() => {
    if (asked && !plan) void sendNow.current(true)
  }, [asked, plan])
  const anew = (more: { code?: string; source?: string }) => {
    change({ ...more, asked: false })
    setPlan(null)
  }
  return (
    <form
      className={styles.fill}
      onSubmit={(event) => {
        event.preventDefault()
        void send(true)
      }}
      noValidate
    >
      <p className={styles.note}>{words.potOnLead}</p>
      <div className={styles.fields}>
        <TextField
          label={words.code}
          hint={words.codeHint(
            pots
              .slice(0, NAMED)
              .map((pot) => `${pot.code} ${pot.name}`)
              .join(', '),
          )}
          suggestions={pots.map((pot) => pot.code)}
          value={code}
          maxLength={20}
          error={errorOf('code')}
          onChange={(event) => anew({ code: event.target.value })}
        />
        <SourceField
          label={words.mix}
          choices={choices}
          value={source}
          error={errorOf('source')}
          onChange={(chosen) => anew({ source: chosen })}
        />
        <TextField
          label={potWords.on}
          type="date"
          value={on}
          error={errorOf('on')}
          onChange={(event) => change({ on: event.target.value })}
        />
        <DespiteField
          problem={problem}
          typed={despite}
          value={despite}
          error={errorOf('despite')}
          onChange={(event) => change({ despite: event.target.value })}
        />
        <div className={styles.keys}>
          <Button type="submit" weight={plan ? 'plain' : 'main'} disabled={isSending}>
            {words.look}
          </Button>
        </div>
      </div>
      <ProblemNotice problem={problem} />
      {plan && (
        <>
          <Plan plan={plan} ticks={ticks} onTick={(next) => change({ ticks: next })} />
          <div className={styles.keys}>
            <Button weight="main" disabled={isSending} onClick={() => void send(false)}>
              {words.done}
            </Button>
          </div>
        </>
      )}
    </form>
  )
}

function Plan({
  plan,
  ticks,
  onTick,
}: {
  readonly plan: PotOnPlan
  readonly ticks: readonly string[]
  readonly onTick: (ticks: readonly string[]) => void
}) {
  const { format } = useSite()
  const { steps } = words
  const litres = (value: number) => format.plain(format.litres(value))
  const cm = (value: number) => format.plain(format.cm(value))
  return (
    <div>
      {plan.isMuchWider && <Notice tone="act">{words.wide(cm(plan.widerCm))}</Notice>}
      <TickedSteps
        ticks={ticks}
        onTick={onTick}
        steps={[
          { id: 'water', text: steps.water },
          { id: 'aside', text: steps.aside },
          { id: 'pot', text: steps.pot(plan.code) },
          plan.parts.length === 0
            ? { id: 'take', text: steps.take(litres(plan.litres)) }
            : {
                id: 'measure',
                text: steps.measure(litres(plan.litres)),
                more: <PartsList parts={plan.parts} />,
              },
          { id: 'underlay', text: steps.underlay(cm(plan.underlayCm)) },
          {
            id: 'lift',
            text: steps.lift(cm(plan.gapCm)),
            more:
              plan.settledLitres > HEAVY_L ? <Caution lines={[{ short: steps.lifting }]} /> : null,
          },
          { id: 'sides', text: steps.sides },
          { id: 'water-in', text: steps.waterIn },
          { id: 'back', text: steps.back },
        ]}
      />
      <p className={styles.note}>{words.settled(litres(plan.settledLitres))}</p>
    </div>
  )
}
