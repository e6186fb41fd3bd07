import type { MeasureView, ResultsPage } from '../../messages/trials/looks'
import { Chart } from '../../ui/chart/Chart'
import { useSite } from '../../ui/SiteContext'
import { trialResults as words } from '../../ui/texts/trialResults'
import styles from './Results.module.css'
import { doseChart } from './resultCharts'
import { pText } from './resultText'

const SHOWN = 0.05
/** Below so many pots of each the range is rough. */
const ENOUGH = 6

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
  const { interval, doses } = view.dose
  const most = doses.at(-1) ?? 0
  const isRough = page.treatments.some(({ used }) => used < ENOUGH)
  const chart = doseChart(page, view)
  const byMeasure = page.results.flatMap((one) =>
    one.by === 'means' && one.dose?.noEffectUpTo != null
      ? [`${words.measures[one.measure]} ${percent(one.dose.noEffectUpTo)}`]
      : [],
  )
  return (
    <section aria-labelledby="dose" className={styles.part}>
      <h2 id="dose">{words.dose.head}</h2>
      {!page.isVoid && (
        <>
          <p>
            <strong>{safeText(page.noEffectUpTo, most, percent).join(' ')}</strong>
          </p>
          <p className={styles.quiet}>
            {words.dose.lost}
            {byMeasure.length > 1 && ` ${words.dose.byMeasure(byMeasure.join(', '))}`}
            {interval &&
              ` ${words.dose.range(percent(interval[0]), percent(interval[1]))}${isRough ? `, ${words.dose.rough}` : ''}.`}
          </p>
        </>
      )}
      {chart && <Chart spec={chart} />}
    </section>
  )
}

/** Up to where nothing is lost by any measure, and what follows. */
function safeText(
  safe: number | null,
  most: number,
  percent: (dose: number) => string,
): readonly string[] {
  if (safe === null) return [words.dose.noControl]
  if (safe === 0) return [words.dose.harm, words.dose.age]
  if (safe === most) return [words.dose.none(percent(most)), words.dose.useAll]
  return [words.dose.upTo(percent(safe)), words.dose.use(percent(safe))]
}
