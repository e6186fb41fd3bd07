import { useMemo } from 'react'
import type { LotChemistry, LotPage, LotWhyKey } from '../../messages/media/lotViews'
import { Chart } from '../../ui/chart/Chart'
import type { ChartSpec } from '../../ui/chart/chartSpec'
import { WhyFigure } from '../../ui/Figure'
import { Fold } from '../../ui/Fold'
import type { Amount, Format } from '../../ui/format'
import { useSite } from '../../ui/SiteContext'
import { media as mediaWords } from '../../ui/texts/media/media'
import { LotAnswer } from './LotAnswer'
import styles from './LotScreen.module.css'
import type { Asking } from './LotValues'
import { ReadingForm } from './lotForms'

const words = mediaWords.chemistry
const CHEMISTRY_KEYS: readonly LotWhyKey[] = ['buffer', 'freeLime', 'drift', 'nitrogen', 'pk']

/** Chemistry of a lot over its crop's season: what holds its pH, what the water does, nitrogen week by week. */
export function LotChemistrySection({ page, asking }: { page: LotPage; asking: Asking }) {
  const { chemistry } = page
  if (!chemistry) return null
  return (
    <section className={styles.chemistry} aria-labelledby="chemistry">
      <h2 id="chemistry">{words.title}</h2>
      <p className={styles.note}>
        {chemistry.growing ? words.growing(chemistry.cropName) : words.again(chemistry.cropName)}
      </p>
      <div className={styles.grid}>
        <div>
          <Values chemistry={chemistry} asking={asking} />
          <LotAnswer page={page} asking={asking} keys={CHEMISTRY_KEYS} />
          <Drift chemistry={chemistry} />
          <Added chemistry={chemistry} />
          <Fold className={styles.changes} title={words.reading.title}>
            <ReadingForm page={page} />
          </Fold>
        </div>
        <NitrogenChart chemistry={chemistry} />
      </div>
    </section>
  )
}

function Values({ chemistry, asking }: { chemistry: LotChemistry; asking: Asking }) {
  const { format } = useSite()
  const one = (value: number, unit: string): Amount => ({ number: format.number(value, 1), unit })
  const { drift, nitrogen } = chemistry
  const rows = [
    {
      key: 'buffer' as const,
      name: words.buffer,
      amount: one(chemistry.buffer.value, words.perPh),
      measuredOn: chemistry.buffer.measuredOn,
    },
    {
      key: 'freeLime' as const,
      name: words.freeLime,
      amount: one(chemistry.freeLimeGPerL, 'g/L'),
      measuredOn: null,
    },
    ...(drift
      ? [
          {
            key: 'drift' as const,
            name: words.drift,
            amount: {
              number: `${drift.deltaPh >= 0 ? '+' : '−'}${format.number(Math.abs(drift.deltaPh), 2)}`,
              unit: 'pH',
            },
            measuredOn: null,
          },
        ]
      : []),
    {
      key: 'nitrogen' as const,
      name: words.nitrogen,
      amount: format.percent(nitrogen.coverage),
      measuredOn: null,
    },
    {
      key: 'pk' as const,
      name: words.pk,
      amount: { number: words.pkVerdict(chemistry.p, chemistry.k), unit: '' },
      measuredOn: null,
    },
  ]
  return (
    <dl className={styles.values}>
      {rows.map(({ key, name, amount, measuredOn }) => (
        <div key={key} className={styles.pair}>
          <dt>{name}</dt>
          <dd>
            <WhyFigure
              name={mediaWords.page.whyNames[key]}
              amount={amount}
              measuredOn={measuredOn}
              large={key !== 'pk'}
              pressed={asking.asked === key}
              onAsk={() => asking.ask(key)}
            />
          </dd>
        </div>
      ))}
    </dl>
  )
}

/** Later than this it has been turned over anyway. */
const FAR_OFF_MONTHS = 24

/** What the water does to an acid lover, and what would hold it. */
function Drift({ chemistry: { drift } }: { chemistry: LotChemistry }) {
  const { format } = useSite()
  if (!drift || drift.monthsToLeave === null || drift.monthsToLeave > FAR_OFF_MONTHS) return null
  const months = drift.monthsToLeave
  const holds = [
    // Above the band already, rain water would only hold it there.
    drift.rainShare && months > 0
      ? words.rain(format.plain(format.percent(drift.rainShare)))
      : null,
    drift.sulfurGPerL ? words.sulfur(`${format.number(drift.sulfurGPerL, 2)} g/L`) : null,
  ].filter(Boolean)
  return (
    <p className={styles.remark}>
      {months === 0
        ? words.leftAlready
        : words.leaves(format.number(Math.max(1, Math.round(months))))}
      {holds.length > 0 && ` ${words.holds(holds.join(words.or))}`}
    </p>
  )
}

function Added({ chemistry: { added } }: { chemistry: LotChemistry }) {
  const { format } = useSite()
  if (added.length === 0) return null
  return (
    <>
      <h3>{words.added}</h3>
      <ul className={styles.added}>
        {added.map(({ on, name, grams }) => (
          <li key={`${on}${name}${grams}`}>
            {format.day(on)}: {name}, {format.plain(format.grams(grams))}
          </li>
        ))}
      </ul>
    </>
  )
}

function NitrogenChart({ chemistry }: { chemistry: LotChemistry }) {
  const { format } = useSite()
  const spec = useMemo(() => nitrogenSpec(chemistry, format), [chemistry, format])
  return <Chart spec={spec} />
}

function nitrogenSpec({ nitrogen, cropName }: LotChemistry, format: Format): ChartSpec {
  const { weeks, firstShortWeek, coverage } = nitrogen
  const line = (field: 'released' | 'tiedUp' | 'wanted') =>
    weeks.map((week) => [week.week, Number(week[field].toFixed(2))] as const)
  const last = weeks.length
  return {
    title: words.chartTitle,
    says:
      firstShortWeek === null
        ? words.neverShort(cropName)
        : words.shortFrom(firstShortWeek, format.plain(format.percent(coverage))),
    x: { name: words.week, unit: '', min: 1, max: last },
    y: { name: words.nitrogenAxis, unit: 'mg/L', min: 0 },
    series: [
      {
        kind: 'line',
        name: words.wanted,
        tone: 'ink',
        nameAt: 'peak',
        points: line('wanted'),
      },
      { kind: 'line', name: words.released, tone: 'ok', points: line('released') },
      { kind: 'line', name: words.tiedUp, tone: 'loam', dashed: true, points: line('tiedUp') },
    ],
    ...(firstShortWeek === null
      ? {}
      : {
          stretches: [
            {
              axis: 'x' as const,
              from: firstShortWeek,
              to: last,
              name: words.short(firstShortWeek),
              tone: 'short' as const,
            },
          ],
        }),
  }
}
