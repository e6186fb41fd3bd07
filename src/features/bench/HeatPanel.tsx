import { useMemo, useState } from 'react'
import type { UseFormReturn } from 'react-hook-form'
// Past the front door, which would bring the distribution functions along: 60 kB of scripts.
import { heatRecord } from '../../core/bench'
import { DomainError } from '../../core/errors'
import type { HeatProblem, TestPage } from '../../messages/bench/benchViews'
import { Button } from '../../ui/Button'
import { Chart } from '../../ui/chart/Chart'
import type { ChartSpec } from '../../ui/chart/chartSpec'
import { type Refusal, TextField } from '../../ui/Field'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { heatSentences } from '../../ui/texts/bench/heatVerdicts'
import styles from './Bench.module.css'
import { Answer } from './BenchForm'
import type { BenchValues } from './benchBody'
import { benchFields } from './benchFields'
import type { TestClock } from './useTestClock'

const words = benchWords.heat
/** The axis of a record that has just begun. */
const SHORTEST_MIN = 10

/** Core temperatures noted as they are read, their curve, and how long it still takes. */
export function HeatPanel({
  page,
  form,
  clock,
  errorOf,
}: {
  readonly page: TestPage
  readonly form: UseFormReturn<BenchValues>
  readonly clock: TestClock
  readonly errorOf: (field: string) => Refusal | undefined
}) {
  const { format } = useSite()
  const problemId = form.watch('problemId')
  const problem = page.problems.find(({ id }) => id === problemId) ?? null
  const [typed, setTyped] = useState('')
  const readings = useMemo(() => {
    const probed = clock.moments.filter(({ key, value }) => key === 'temp' && value !== null)
    const start = probed[0] ? Date.parse(probed[0].at) : 0
    return probed.map(({ id, at, value }) => ({
      id,
      minute: (Date.parse(at) - start) / 60_000,
      tempC: value ?? 0,
    }))
  }, [clock.moments])
  const dose =
    problem && problem.tempC !== null && problem.minutes !== null
      ? { tempC: problem.tempC, minutes: problem.minutes }
      : null
  const chart = useMemo<ChartSpec>(
    () => ({
      title: words.curve,
      says: words.curveSays,
      x: {
        name: words.minutes,
        unit: 'min',
        min: 0,
        max: Math.max(SHORTEST_MIN, Math.ceil(readings.at(-1)?.minute ?? 0)),
      },
      y: { name: words.temperature, unit: '°C', min: 0, max: 100 },
      series: [
        {
          kind: 'line',
          name: words.temperature,
          tone: 'act',
          points: readings.map(({ minute, tempC }) => [Number(minute.toFixed(1)), tempC]),
        },
      ],
      stretches: dose
        ? [
            {
              axis: 'y',
              from: dose.tempC,
              to: Math.max(dose.tempC, 93),
              name: words.dose(format.number(dose.tempC)),
            },
          ]
        : [],
    }),
    [readings, dose?.tempC, format],
  )
  const read = readQuantity(typed, 'temperature', undefined)
  const temp = read.value
  const note = () => {
    if (temp === null) return
    clock.tap('temp', temp)
    setTyped('')
  }
  return (
    <div className={styles.clock}>
      <ProblemNotice problem={clock.problem} />
      {benchFields.heat.map((field) => (
        <Answer
          key={field.name}
          field={field}
          page={page}
          form={form}
          error={errorOf(field.name)}
        />
      ))}
      {problem?.caution && <p className={styles.quiet}>{problem.caution}.</p>}
      <div className={styles.correct}>
        <TextField
          label={words.now}
          inputMode="decimal"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          error={typed.trim() !== '' && read.problem ? read.problem : undefined}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return
            event.preventDefault()
            note()
          }}
        />
        <Button weight="main" disabled={temp === null} onClick={note}>
          {words.note}
        </Button>
      </div>
      {readings.length === 0 && <p className={styles.quiet}>{words.noReading}</p>}
      <HeatVerdict readings={readings} dose={dose} problem={problem} />
      {readings.length > 1 && <Chart spec={chart} />}
      {readings.length > 0 && <Readings clock={clock} readings={readings} />}
    </div>
  )
}

interface Reading {
  readonly id: string
  readonly minute: number
  readonly tempC: number
}

/** What was noted, each to be corrected or taken back. */
function Readings({
  clock,
  readings,
}: {
  readonly clock: TestClock
  readonly readings: readonly Reading[]
}) {
  const { format } = useSite()
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({})
  // Sent once it is typed to its end: half a number is another temperature.
  const correct = (id: string, before: number) => {
    const { value } = readQuantity(typed[id] ?? '', 'temperature', undefined)
    if (value !== null && value !== before) clock.correct(id, { value })
  }
  return (
    <details className={styles.protocol}>
      <summary>
        {words.readings} ({readings.length})
      </summary>
      <ul className={styles.moments}>
        {readings.map(({ id, minute, tempC }) => {
          const at = format.number(minute, minute < 10 ? 1 : 0)
          return (
            <li key={id} className={styles.moment}>
              <TextField
                label={words.correctReading(at)}
                inputMode="decimal"
                value={typed[id] ?? String(tempC)}
                onChange={(event) => setTyped({ ...typed, [id]: event.target.value })}
                error={readQuantity(typed[id] ?? '', 'temperature', undefined).problem ?? undefined}
                onBlur={() => correct(id, tempC)}
                onKeyDown={(event) => {
                  if (event.key !== 'Enter') return
                  event.preventDefault()
                  correct(id, tempC)
                }}
              />
              <Button
                weight="quiet"
                aria-label={words.takeBack(`${format.number(tempC, 1)} °C`)}
                onClick={() => clock.correct(id, { undone: true })}
              >
                ✕
              </Button>
            </li>
          )
        })}
      </ul>
    </details>
  )
}

function HeatVerdict({
  readings,
  dose,
  problem,
}: {
  readonly readings: readonly Reading[]
  readonly dose: { readonly tempC: number; readonly minutes: number } | null
  readonly problem: HeatProblem | null
}) {
  const { format } = useSite()
  if (readings.length === 0) return null
  try {
    const record = heatRecord({ readings, dose })
    const result = {
      problem: problem?.name ?? '',
      tempC: dose?.tempC ?? null,
      minutes: record.minutesAtDose,
      needed: dose?.minutes ?? null,
      missing: record.missingMinutes,
      peak: record.peakC,
    }
    const say = (id: keyof typeof heatSentences) => heatSentences[id](result, format)
    return (
      <>
        {dose && record.verdict !== 'no dose' && (
          <Notice tone={record.verdict === 'done' ? 'ok' : 'act'}>
            {say(`heat.${record.verdict}`)}
          </Notice>
        )}
        {problem && !dose && <Notice tone="stop">{say('heat.no help')}</Notice>}
        {record.tooHot && <Notice tone="stop">{say('heat.too hot')}</Notice>}
      </>
    )
  } catch (error) {
    if (error instanceof DomainError) return <Notice tone="stop">{error.message}</Notice>
    throw error
  }
}
