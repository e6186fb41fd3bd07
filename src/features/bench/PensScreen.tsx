import { useState } from 'react'
import type { PensPage, PenView } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import { FilterChips } from '../../ui/Chips'
import { TextField } from '../../ui/Field'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { benchScreens } from '../../ui/texts/bench/benchScreens'
import { penDoubts } from '../../ui/texts/bench/benchVerdicts'
import { showToastOnNextPage } from '../../ui/toast'
import { useReady } from '../../ui/useReady'
import { useSend } from '../../ui/useSend'
import { readNumber } from '../readNumber'
import styles from './Bench.module.css'
import { TapWater } from './TapWater'

const words = benchScreens.pensScreen
const BUFFERS = ['4.01', '7', '10.01'] as const

/** The pens, whether they can be trusted, and their calibrations. */
export default function PensScreen({
  page,
  site,
}: {
  readonly page: PensPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <PageHead
        title={words.title}
        lead={words.lead}
        actions={<LinkButton href="/bench">{benchWords.title}</LinkButton>}
      />
      {page.pens.length === 0 && <EmptyState title={words.none} next={words.noneNext} />}
      {page.pens.map((pen) => (
        <PenPanel key={pen.id} pen={pen} />
      ))}
      <AddPen />
      <TapWater page={page} />
    </SiteProvider>
  )
}

function PenPanel({ pen: { id, name, trust, log } }: { readonly pen: PenView }) {
  const { format } = useSite()
  const slope = (percent: number | null) =>
    percent === null ? words.noSlope : words.slope(format.number(percent))
  return (
    <section aria-label={name} className={styles.section}>
      <h2>{name}</h2>
      <Notice tone={trust.trusted ? 'ok' : 'act'}>
        {trust.trusted ? words.trusted : words.uncertain(penDoubts(trust.doubts))}
      </Notice>
      {log.length > 0 && (
        <details className={styles.protocol}>
          <summary>{words.log}</summary>
          <ul className={styles.log}>
            {log.map((one, index) => (
              <li key={`${one.on}${index}`}>
                {format.day(one.on)}: {one.buffers.join(', ')} · {slope(one.slopePercent)} ·{' '}
                {format.number(one.tempC)} °C
              </li>
            ))}
          </ul>
        </details>
      )}
      <Calibrate penId={id} />
    </section>
  )
}

function Calibrate({ penId }: { readonly penId: number }) {
  const ready = useReady()
  const [buffers, setBuffers] = useState<(typeof BUFFERS)[number][]>(['4.01', '7'])
  const [millivolts, setMillivolts] = useState<Readonly<Record<string, string>>>({})
  const [tempC, setTempC] = useState('20')
  const { problem, errorOf, deliver } = useSend()
  const save = async () => {
    const answer = await deliver('POST /api/bench/pens/[id]/calibrations', {
      params: { id: penId },
      body: {
        tempC: readNumber(tempC),
        buffers: buffers.map((ph) => ({
          ph: Number(ph),
          millivolts:
            (millivolts[ph] ?? '').trim() === ''
              ? null
              : (readNumber(millivolts[ph] ?? '') ?? 'no number'),
        })),
      },
    })
    if (!answer) return
    showToastOnNextPage({ text: words.kept })
    window.location.reload()
  }
  return (
    <details className={styles.protocol}>
      <summary>{words.calibrate}</summary>
      <fieldset disabled={!ready} className={`plain ${styles.running}`}>
        <p>{words.calibrateHow}</p>
        <ProblemNotice problem={problem} />
        <FilterChips
          label={words.buffers}
          options={BUFFERS.map((value) => ({ value, label: value }))}
          chosen={buffers}
          onChange={(chosen) => setBuffers(BUFFERS.filter((one) => chosen.includes(one)))}
        />
        <div className={styles.form}>
          {buffers.map((ph, i) => (
            <TextField
              key={ph}
              label={words.millivolts(ph)}
              hint={words.millivoltsHint}
              inputMode="text"
              value={millivolts[ph] ?? ''}
              error={errorOf(`buffers.${i}.millivolts`)}
              onChange={(event) => setMillivolts({ ...millivolts, [ph]: event.target.value })}
            />
          ))}
          <TextField
            label={words.temp}
            inputMode="decimal"
            value={tempC}
            error={errorOf('tempC')}
            onChange={(event) => setTempC(event.target.value)}
          />
        </div>
        <div className={styles.actions}>
          <Button onClick={() => void save()}>{words.calibrate}</Button>
        </div>
      </fieldset>
    </details>
  )
}

function AddPen() {
  const ready = useReady()
  const [name, setName] = useState('')
  const { problem, deliver } = useSend()
  const save = async () => {
    const answer = await deliver('POST /api/bench/pens', { body: { name } })
    if (!answer) return
    showToastOnNextPage({ text: words.added(name.trim()) })
    window.location.reload()
  }
  return (
    <fieldset disabled={!ready} className="plain">
      <div className={styles.correct}>
        <TextField
          label={words.name}
          value={name}
          error={problem?.detail}
          onChange={(event) => setName(event.target.value)}
        />
        <Button data-needs="manage" onClick={() => void save()}>
          {words.add}
        </Button>
      </div>
    </fieldset>
  )
}
