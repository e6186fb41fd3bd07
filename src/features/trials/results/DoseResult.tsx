import type { SeedlingAnswer } from '../../../core/bench'
import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import { Chart } from '../../../ui/chart/Chart'
import { useSite } from '../../../ui/SiteContext'
import { lacking } from '../../../ui/texts/trials/seedlingLacks'
import { trialResults as words } from '../../../ui/texts/trials/trialResults'
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
  isStill = false,
}: {
  readonly page: ResultsPage
  readonly view: MeasureView
  /** On paper: in words, without a chart to point at. */
  readonly isStill?: boolean
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
            <strong>{safeText(page, most, percent).join(' ')}</strong>
          </p>
          {page.seedlings && <p>{seedlingsText(page.seedlings, percent)}</p>}
          <p className={styles.quiet}>
            {words.dose.lost}
            {byMeasure.length > 1 && ` ${words.dose.byMeasure(byMeasure.join(', '))}`}
            {interval &&
              ` ${words.dose.range(percent(interval[0]), percent(interval[1]))}${isRough ? `, ${words.dose.rough}` : ''}.`}
          </p>
        </>
      )}
      {chart && !isStill && <Chart spec={chart} />}
    </section>
  )
}

/** Up to where harm is ruled out, apart from where none was seen, and what follows. */
function safeText(
  { noEffectUpTo: seen, ruledOutUpTo: ruledOut }: ResultsPage,
  most: number,
  percent: (dose: number) => string,
): readonly string[] {
  if (seen === null) return [words.dose.noControl]
  if (seen === 0) return [words.dose.harm, words.dose.age]
  const safe = ruledOut === null ? null : Math.min(ruledOut, seen)
  const shown = seen === most ? words.dose.none(percent(most)) : words.dose.upTo(percent(seen))
  if (safe === null) return [shown, words.dose.notRuledOut]
  return [
    words.dose.ruledOut(percent(safe)),
    ...(seen > safe ? [words.dose.onlyUnseen(percent(seen))] : []),
    safe === most ? words.dose.useAll : words.dose.use(percent(safe)),
  ]
}

/** By the rule that lifts a bar: which doses are clean, which harm, and which say too little. */
function seedlingsText(
  seedlings: NonNullable<ResultsPage['seedlings']>,
  percent: (dose: number) => string,
): string {
  const dosesOf = (answer: SeedlingAnswer) =>
    seedlings.filter((one) => one.answer === answer).map(({ dose }) => percent(dose))
  const missing = [...new Set(seedlings.flatMap((one) => one.missing))].join(' ')
  return words.dose.seedlings({
    clean: dosesOf('clean').join(', '),
    harmed: dosesOf('harmed').join(', '),
    weak: dosesOf('too-weak').join(', '),
    lacking: missing === '' ? '' : lacking(missing),
    isVoid: seedlings.some(({ answer }) => answer === 'void'),
  })
}
