import type { MeasureView, ResultsPage } from '../../messages/trials/looks'
import { Chart } from '../../ui/chart/Chart'
import { useSite } from '../../ui/SiteContext'
import { trialResults as words } from '../../ui/texts/trialResults'
import styles from './Results.module.css'
import { doseChart } from './resultCharts'
import { pText } from './resultText'

const SHOWN = 0.05

/** Up to which dose nothing is lost, and what follows for using it. */
export function DoseResult({
  page,
  view,
}: {
  readonly page: ResultsPage
  readonly view: MeasureView
}) {
  const { format } = useSite()
  const percent = (dose: number) => `${format.number(dose)} %`
  if (view.by === 'counts' && view.trend) {
    const { p } = view.trend
    return (
      <section aria-labelledby="dose" className={styles.part}>
        <h2 id="dose">{words.dose.head}</h2>
        <p>{(p < SHOWN ? words.dose.trend : words.dose.noTrend)(pText(p, format))}</p>
      </section>
    )
  }
  if (view.by !== 'means' || !view.dose) return null
  const { noEffectUpTo, interval, doses } = view.dose
  const most = doses.at(-1) ?? 0
  const isRough = page.treatments.some(({ used }) => used < 6)
  const chart = doseChart(page, view)
  const safe =
    noEffectUpTo === null
      ? [words.dose.noControl]
      : noEffectUpTo === 0
        ? [words.dose.harm, words.dose.age]
        : noEffectUpTo === most
          ? [words.dose.none(percent(most)), words.dose.useAll]
          : [words.dose.upTo(percent(noEffectUpTo)), words.dose.use(percent(noEffectUpTo))]
  return (
    <section aria-labelledby="dose" className={styles.part}>
      <h2 id="dose">{words.dose.head}</h2>
      {!page.isVoid && (
        <>
          <p>
            <strong>{safe.join(' ')}</strong>
          </p>
          <p className={styles.quiet}>
            {words.dose.lost}
            {interval &&
              ` ${words.dose.range(percent(interval[0]), percent(interval[1]))}${isRough ? `, ${words.dose.rough}` : ''}.`}
          </p>
        </>
      )}
      {chart && <Chart spec={chart} />}
    </section>
  )
}
