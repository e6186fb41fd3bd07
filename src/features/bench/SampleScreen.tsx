import { useMemo } from 'react'
import type { HistorySeries, SamplePage } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import { Chart } from '../../ui/chart/Chart'
import type { ChartSpec, Stretch } from '../../ui/chart/chartSpec'
import type { Format } from '../../ui/format'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { benchScreens } from '../../ui/texts/bench/benchScreens'
import { benchVerdict } from '../../ui/texts/bench/benchVerdicts'
import { common } from '../../ui/texts/common'
import { useSend } from '../../ui/useSend'
import styles from './Bench.module.css'
import { changeText } from './changeText'
import { Learnt } from './Learnt'
import { worstFirst } from './worstFirst'

const words = benchScreens.sample

/** All tests of a sample, how its values have moved, and what the model has learnt. */
export default function SampleScreen({
  page,
  site,
}: {
  readonly page: SamplePage
  readonly site: SiteView
}) {
  const { sample, series, sets, calibration } = page
  const begin = `/bench?${sample.kind}=${sample.id}`
  return (
    <SiteProvider site={site}>
      <div className={styles.head}>
        <PageHead
          title={words.title(sample.name)}
          actions={
            <>
              <LinkButton href={`/bench/compare?a=${sample.kind}:${sample.id}`}>
                {benchScreens.compare.go}
              </LinkButton>
              <LinkButton href={`/trials/candidates?of=${sample.kind}:${sample.id}`}>
                {common.actions.besideOthers}
              </LinkButton>
              <LinkButton weight="main" href={begin}>
                {benchWords.begin}
              </LinkButton>
            </>
          }
        />
        {sample.strata.length > 0 && <CoreSample strata={sample.strata} size="row" />}
      </div>
      {sets.length === 0 ? (
        <EmptyState title={words.none} next={benchWords.lead} />
      ) : (
        <>
          <Changes series={series} />
          <div className={styles.charts}>
            {calibration && <Learnt calibration={calibration} kind={sample.kind} />}
            {series
              .filter(({ points }) => points.length > 1)
              .map((one) => (
                <History key={one.name} series={one} crop={page.crop} />
              ))}
          </div>
          <Sets sets={sets} />
          <SetAside tests={page.setAside} />
        </>
      )}
    </SiteProvider>
  )
}

function Changes({ series }: { readonly series: readonly HistorySeries[] }) {
  const { format } = useSite()
  const changes = series.flatMap((one) => {
    const said = changeText(one, format)
    return said ? [said] : []
  })
  if (changes.length === 0) return null
  return (
    <div className={styles.changes}>
      <Notice>{changes.join(' ')}</Notice>
    </div>
  )
}

function History({
  series,
  crop,
}: {
  readonly series: HistorySeries
  readonly crop: SamplePage['crop']
}) {
  const { format } = useSite()
  const spec = useMemo(
    () => ({ ...historyChart(series, format), stretches: wantedOf(series.name, crop) }),
    [series, crop, format],
  )
  return <Chart spec={spec} />
}

/** The band the crop wants, where it wants one. */
function wantedOf(name: HistorySeries['name'], crop: SamplePage['crop']): readonly Stretch[] {
  if (!crop) return []
  const band = (from: number, to: number): readonly Stretch[] => [
    { axis: 'y', from, to, name: words.wanted(crop.name) },
  ]
  if (name === 'airInPot') return band(100 * crop.airMin, 100 * crop.airMax)
  if (name === 'ph') return band(crop.pHLow, crop.pHHigh)
  return name === 'ecSme' ? band(0, crop.ecMaxSme) : []
}

/** Values by the place in the row of tests, each with its day; uncertain readings stand apart as dots. */
function historyChart({ name, unit, points }: HistorySeries, format: Format): ChartSpec {
  const shown = (value: number) =>
    Number((unit === 'share' ? 100 * value : value).toFixed(unit === 'share' ? 1 : 2))
  const places = points.map(({ on, innings }) =>
    innings === null ? format.day(on) : `${format.day(on)}, ${benchWords.innings(innings)}`,
  )
  const at = (uncertain: boolean) =>
    points.flatMap((one, i) =>
      one.uncertain === uncertain ? [[i, shown(one.value)] as const] : [],
    )
  return {
    title: words.series[name],
    says: words.seriesSays[name],
    x: { name: words.date, unit: '', places },
    y: {
      name: words.series[name],
      unit: unit === 'share' ? '% of the volume' : unit === 'pH' ? '' : unit,
      ...(name === 'ph' ? { min: 3.5, max: 8.5 } : { min: 0 }),
    },
    series: [
      { kind: 'line', name: words.what[name], tone: 'water', points: at(false) },
      { kind: 'dots', name: words.what[name], tone: 'water', points: at(false) },
      ...(at(true).length > 0
        ? [
            {
              kind: 'dots',
              name: words.uncertain,
              tone: 'act',
              points: at(true),
              named: true,
            } as const,
          ]
        : []),
    ],
  }
}

/** What does not count any more stays to be read, and can count again. */
function SetAside({ tests }: { readonly tests: SamplePage['setAside'] }) {
  const { format } = useSite()
  const { problem, isSending, deliver } = useSend()
  if (tests.length === 0) return null
  const takeUp = async (id: number) => {
    if (isSending) return
    if (await deliver('POST /api/bench/tests/[id]/take-up', { params: { id } }))
      window.location.reload()
  }
  return (
    <details className={styles.protocol}>
      <summary>{words.setAside(tests.length)}</summary>
      <ProblemNotice problem={problem} />
      <ul className={styles.rows}>
        {tests.map(({ id, kind, startedOn, reason, corrected, verdicts }) => (
          <li key={id} className={styles.row}>
            <span>{format.day(startedOn)}</span>
            <span>{benchWords.tests[kind].name}</span>
            <span>{corrected ? words.wasCorrected : reason}</span>
            {!corrected && (
              <Button weight="quiet" onClick={() => void takeUp(id)}>
                {words.countAgain}
              </Button>
            )}
            {worstFirst(verdicts)
              .slice(0, 1)
              .map((verdict) => (
                <p key={verdict.id}>{benchVerdict(verdict, format)}</p>
              ))}
          </li>
        ))}
      </ul>
    </details>
  )
}

function Sets({ sets }: { readonly sets: SamplePage['sets'] }) {
  const { format } = useSite()
  return (
    <ul className={styles.rows}>
      {sets.map(({ setId, kind, startedOn, innings, runs }) => {
        const last = runs.at(-1)
        const verdicts = worstFirst(last?.outcome.verdicts ?? [])
        return (
          <li key={setId} className={styles.row}>
            <span>{format.day(startedOn)}</span>
            <a href={`/bench/tests/${last?.id ?? setId}`}>{benchWords.tests[kind].name}</a>
            <span>
              {[
                innings === null ? '' : benchWords.innings(innings),
                runs.length > 1 ? benchWords.runs(runs.length) : benchWords.oneRun,
              ]
                .filter(Boolean)
                .join(' · ')}
            </span>
            {verdicts.map((verdict) => (
              <p key={verdict.id}>
                {verdict.tone !== 'ok' && <span aria-hidden="true">▲ </span>}
                {benchVerdict(verdict, format)}
              </p>
            ))}
          </li>
        )
      })}
    </ul>
  )
}
