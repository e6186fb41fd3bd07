import { useEffect, useRef, useState } from 'react'
import type { FillPlan } from '../../messages/containers/fillPot'
import type { PotPage } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { common } from '../../ui/texts/common'
import { filling as words } from '../../ui/texts/filling'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
import styles from './Fill.module.css'
import { FillSteps } from './FillSteps'
import { SourceField, sourceOf } from './SourceField'

const NO_TICKS: readonly string[] = []

/** An empty pot prepared and filled: what it takes is worked out before anything is written down. */
export function FillForm({ page }: { readonly page: PotPage }) {
  const { site, format } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  const { values, change, throwAway } = useKept(`fill/${page.id}`, {
    source: '',
    litres: '',
    filler: page.fillerCm > 0 ? `${page.fillerCm} cm` : '',
    name: '',
    /** It was worked out: after a reload it is again. */
    asked: false,
    ticks: NO_TICKS,
  })
  const { source, litres, filler, name, asked, ticks } = values
  const [plan, setPlan] = useState<FillPlan | null>(null)
  const amount = readQuantity(litres, 'volume', site.measures)
  const height = readQuantity(filler, 'length', site.measures)
  const told = (value: number) => format.plain(format.litres(value))
  const choices = page.fill
  if (!choices) return null
  const fits = problem?.code === 'too-much' ? Number(problem.current?.fits) : 0

  const send = async (check: boolean, exactly?: number) => {
    if (isSending || amount.problem || height.problem) return
    const body = {
      source: sourceOf(source),
      litres: exactly ?? amount.value,
      fillerCm: height.value ?? 0,
      name,
      check,
    }
    const answer = await deliver('POST /api/containers/[id]/fill', {
      params: { id: page.id },
      body,
    })
    if (!answer) return
    if (check) {
      setPlan(answer.data.plan)
      change({ asked: true })
      return
    }
    throwAway()
    showToastOnNextPage({ text: words.filled(told(answer.data.plan.settledLitres)) })
    window.location.reload()
  }
  const sendNow = useRef(send)
  sendNow.current = send
  useEffect(() => {
    if (asked && !plan) void sendNow.current(true)
  }, [asked, plan])
  /** What was worked out belongs to other numbers now. */
  const anew = (more: { source?: string; litres?: string; filler?: string }) => {
    change({ ...more, asked: false })
    setPlan(null)
  }

  return (
    <section aria-labelledby="fill" data-needs="manage" className={styles.fill}>
      <h2 id="fill">{words.title}</h2>
      <p>
        <a href={`/trials/candidates?pot=${page.id}`}>{common.actions.whichMix}</a>
      </p>
      <form
        className={styles.fields}
        onSubmit={(event) => {
          event.preventDefault()
          void send(true)
        }}
        noValidate
      >
        <SourceField
          choices={choices}
          value={source}
          error={errorOf('source')}
          onChange={(chosen) => anew({ source: chosen })}
        />
        <QuantityField
          label={words.litres}
          hint={words.litresHint}
          dimension="volume"
          typed={litres}
          value={litres}
          error={errorOf('litres')}
          onChange={(event) => anew({ litres: event.target.value })}
        />
        {page.shape.kind !== 'bowl' && (
          <QuantityField
            label={words.filler}
            hint={words.fillerHint}
            dimension="length"
            typed={filler}
            value={filler}
            error={errorOf('fillerCm')}
            onChange={(event) => anew({ filler: event.target.value })}
          />
        )}
        <TextField
          label={words.name}
          hint={words.nameHint(`${page.name} ${page.code}`)}
          value={name}
          error={errorOf('name')}
          onChange={(event) => change({ name: event.target.value })}
        />
        <div className={styles.keys}>
          <Button type="submit" weight={plan ? 'plain' : 'main'} disabled={isSending}>
            {words.look}
          </Button>
        </div>
      </form>
      <ProblemNotice problem={problem} />
      {fits > 0 && (
        <p>
          <Button
            onClick={() => {
              const most = Math.floor(fits * 10) / 10
              anew({ litres: `${most} L` })
              void send(true, most)
            }}
          >
            {words.take(told(Math.floor(fits * 10) / 10))}
          </Button>
        </p>
      )}
      {plan && (
        <>
          <FillSteps
            page={page}
            plan={plan}
            ticks={ticks}
            onTick={(next) => change({ ticks: next })}
          />
          <div className={styles.keys}>
            <Button weight="main" disabled={isSending} onClick={() => void send(false)}>
              {words.done}
            </Button>
          </div>
        </>
      )}
    </section>
  )
}
