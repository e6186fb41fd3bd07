import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import { useSite } from '../../../ui/SiteContext'
import { trialResults as words } from '../../../ui/texts/trials/trialResults'
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
      <Deciding page={page} view={view} />
      <ul className={styles.verdicts}>
        {said.map((one) => {
          const cheaper = cheaperBy(one, page)
          return (
            <li key={one.treatment} data-verdict={one.verdict ?? 'also'}>
              <span className={styles.mark} aria-hidden="true">
                {one.verdict ? words.marks[one.verdict] : words.also.mark}
              </span>
              <div>
                <strong className={styles.verdict}>
                  {page.treatments[one.treatment]?.name}:{' '}
                  {one.verdict ? words.verdicts[one.verdict] : words.also.name}
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

/** What decides, and what an earlier rule had said. */
function Deciding({ page, view }: { readonly page: ResultsPage; readonly view: MeasureView }) {
  const { deciding, earlier } = page
  const what = words.decides.what(words.measures[deciding.measure], deciding.day)
  const address = `/trials/${page.trialId}/results?measure=${deciding.measure}&day=${deciding.day}`
  return (
    <>
      {view.also === null ? (
        <p className={styles.quiet}>
          {deciding.isNamed ? words.decides.named(what) : words.decides.usual(what)}
        </p>
      ) : (
        <p className={styles.quiet}>
          {words.decides.other(what)}{' '}
          {deciding.isRead ? <a href={address}>{words.decides.show}</a> : words.decides.unread}
        </p>
      )}
      {earlier && earlier.verdicts.length > 0 && (
        <p className={styles.quiet}>
          {words.earlier(
            words.measures[earlier.measure],
            earlier.verdicts
              .map(({ treatment, verdict }) =>
                [page.treatments[treatment]?.name, words.verdicts[verdict]].join(': '),
              )
              .join('; '),
          )}
        </p>
      )}
    </>
  )
}
