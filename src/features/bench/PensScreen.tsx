import type { PensPage, PenView } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import { FilterChips } from '../../ui/Chips'
import { TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { benchScreens } from '../../ui/texts/bench/benchScreens'
import { penDoubts } from '../../ui/texts/bench/benchVerdicts'
import { useReady } from '../../ui/useReady'
import { numberOrTyped, readNumber } from '../readNumber'
import styles from './Bench.module.css'
import { TapWater } from './TapWater'

const words = benchScreens.pensScreen
const BUFFERS = ['4.01', '7', '10.01'] as const
type Buffer = (typeof BUFFERS)[number]
/** Where what the pen showed in each stands in the form. */
const FIELDS = { '4.01': 'acid', '7': 'neutral', '10.01': 'alkaline' } as const

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
  const { values, field, change, submit, problem } = useForm(
    'POST /api/bench/pens/[id]/calibrations',
    {
      draft: `calibration/${penId}`,
      begin: {
        buffers: ['4.01', '7'] as readonly Buffer[],
        acid: '',
        neutral: '',
        alkaline: '',
        tempC: '20',
      },
      asked: ({ buffers, tempC, ...shown }) => ({
        params: { id: penId },
        body: {
          tempC: readNumber(tempC),
          buffers: buffers.map((ph) => ({
            ph: Number(ph),
            millivolts: numberOrTyped(shown[FIELDS[ph]]),
          })),
        },
      }),
      taken: () => ({ text: words.kept }),
    },
  )
  const { buffers } = values
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
          onChange={(chosen) => change({ buffers: BUFFERS.filter((one) => chosen.includes(one)) })}
        />
        <div className={styles.form}>
          {buffers.map((ph, i) => (
            <TextField
              key={ph}
              label={words.millivolts(ph)}
              hint={words.millivoltsHint}
              inputMode="text"
              {...field(FIELDS[ph], `buffers.${i}.millivolts`)}
            />
          ))}
          <TextField label={words.temp} inputMode="decimal" {...field('tempC')} />
        </div>
        <div className={styles.actions}>
          <Button onClick={() => submit()}>{words.calibrate}</Button>
        </div>
      </fieldset>
    </details>
  )
}

function AddPen() {
  const ready = useReady()
  const { field, submit, problem } = useForm('POST /api/bench/pens', {
    draft: 'new-pen',
    begin: { name: '' },
    asked: (body) => ({ body }),
    taken: (_, { name }) => ({ text: words.added(name.trim()) }),
  })
  return (
    <fieldset disabled={!ready} className="plain">
      <div className={styles.correct}>
        <TextField label={words.name} {...field('name')} error={problem?.detail} />
        <Button data-needs="manage" onClick={() => submit()}>
          {words.add}
        </Button>
      </div>
    </fieldset>
  )
}
