import { useState } from 'react'
import { type Why, whyInput } from '../../core/why'
import type { WhyRule } from '../../core/whyKeys'
import { AskWhy } from '../../ui/AskWhy'
import { elapsed } from '../../ui/elapsed'
import { Figure } from '../../ui/Figure'
import type { Amount, Format } from '../../ui/format'
import { useSite } from '../../ui/SiteContext'
import { mixPictures } from '../../ui/texts/mixes/mixPictures'
import { WhyText } from '../../ui/WhyText'
import type { MixRun } from '../../workers/jobs'
import type { NamedFill } from './runViews'
import styles from './WaterRuns.module.css'

const words = mixPictures.runs

interface Row {
  readonly name: string
  readonly amountOf: (run: MixRun) => Amount
  /** The rule behind it, and what of each pot it depends on. */
  readonly rule: WhyRule
  readonly source: 'capacity' | 'drainage'
  readonly dependsOn: (run: MixRun, format: Format) => string
}

/** What came out of the watering, pot beside pot; each row can be asked where it comes from. */
export function RunNumbers({
  fills,
  answers,
  caption,
  until,
}: {
  readonly fills: readonly NamedFill[]
  readonly answers: readonly MixRun[]
  readonly caption: string
  readonly until: string
}) {
  const { format } = useSite()
  const [asked, setAsked] = useState<string | null>(null)
  const over = answers.some(({ overflowMl }) => overflowMl > 1)
  const rows = rowsOf(format, until).filter(({ name }) => over || name !== words.over)
  const row = rows.find(({ name }) => name === asked)
  const why = row && whyOf(row, fills, answers, format)
  return (
    <>
      <div className={styles.scroll}>
        <table className={styles.numbers}>
          <caption>{caption}</caption>
          <thead>
            <tr>
              <td />
              {fills.map(({ name }) => (
                <th key={name} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ name, amountOf }) => (
              <tr key={name}>
                <th scope="row">
                  <AskWhy
                    name={name}
                    pressed={name === asked}
                    onAsk={() => setAsked(name === asked ? null : name)}
                  />
                </th>
                {answers.map((run, i) => (
                  <td key={fills[i]?.name} data-label={fills[i]?.name}>
                    <Figure amount={amountOf(run)} measuredOn={null} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {why && row && <WhyText title={row.name} why={why} onClose={() => setAsked(null)} />}
    </>
  )
}

function rowsOf(format: Format, until: string): Row[] {
  const time = (seconds: number | null): Amount =>
    seconds === null
      ? { number: words.never, unit: '' }
      : seconds < 60
        ? { number: format.number(seconds), unit: words.seconds }
        : { number: elapsed(seconds), unit: words.minutes }
  const top = (run: MixRun) => run.mixes.at(-1)
  const pores = (run: MixRun) =>
    words.pores(format.plain(format.percent(top(run)?.curve.thetaS ?? 0)))
  const passes = (run: MixRun) => words.passes(format.number(60 * (top(run)?.ksCmPerS ?? 0), 1))
  const zones = { rule: 'run.zones', source: 'capacity', dependsOn: pores } as const
  const way = { source: 'drainage', dependsOn: passes } as const
  return [
    {
      name: words.air,
      amountOf: (run) => format.percent(run.layers.at(-1)?.air ?? 0),
      rule: 'run.air',
      source: 'capacity',
      dependsOn: pores,
    },
    { name: words.airless, amountOf: (run) => format.cm(run.airlessUpToCm), ...zones },
    { name: words.thin, amountOf: (run) => format.cm(run.thinAirUpToCm), ...zones },
    { name: words.drip, amountOf: (run) => time(run.firstDripS), rule: 'run.drip', ...way },
    { name: words.until(until), amountOf: (run) => time(run.untilS), rule: 'run.drip', ...way },
    {
      name: words.kept,
      amountOf: (run) => format.litres(Math.max(0, run.keptMl) / 1000),
      rule: 'run.kept',
      ...way,
    },
    { name: words.ponded, amountOf: (run) => time(run.pondedS), rule: 'run.ponded', ...way },
    {
      name: words.over,
      amountOf: (run) => format.litres(run.overflowMl / 1000),
      rule: 'run.ponded',
      ...way,
    },
  ]
}

function whyOf(
  { rule, source, dependsOn }: Row,
  fills: readonly NamedFill[],
  answers: readonly MixRun[],
  format: Format,
): Why {
  return {
    rule,
    source,
    inputs: answers.map((run, i) =>
      whyInput({ called: fills[i]?.name ?? '' }, dependsOn(run, format), 'text'),
    ),
  }
}
