import type { MeasureView, ResultsPage } from '../../messages/trials/looks'
import { useSite } from '../../ui/SiteContext'
import { trialResults as words } from '../../ui/texts/trialResults'
import styles from './Results.module.css'
import { cheaperBy, saidOf } from './resultText'

/** Better, worse, no difference shown, or cannot tell: each treatment in a sentence. */
export function Verdicts({
  page,
  view,
}: {
  readonly page: ResultsPage
  readonly view: MeasureView
}) {
  const { format } = useSite()
  const said = saidOf(view, page, format)
  const isOnePot = view.by === 'means' && page.treatments.every(({ planted }) => planted < 2)
  return (
    <section aria-label={words.measures[view.measure]} className={styles.part}>
      <ul className={styles.verdicts}>
        {said.map((one) => {
          const cheaper = cheaperBy(one, page)
          return (
            <li key={one.treatment} data-verdict={one.verdict}>
              <span className={styles.mark} aria-hidden="true">
                {words.marks[one.verdict]}
              </span>
              <div>
                <strong className={styles.verdict}>
                  {page.treatments[one.treatment]?.name}: {words.verdicts[one.verdict]}
                </strong>
                <p>
                  {words.measures[view.measure]}: {one.text}
                  {cheaper !== null && ` ${words.cheaper(format.plain(format.percent(cheaper)))}`}
                </p>
              </div>
            </li>
          )
        })}
      </ul>
      {isOnePot && !page.isVoid && (
        <p>
          {words.onePot}{' '}
          <a href="/trials/new?kind=side-by-side" data-needs="manage">
            {words.onePotNext}
          </a>
        </p>
      )}
    </section>
  )
}
