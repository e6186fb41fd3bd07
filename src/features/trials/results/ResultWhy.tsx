import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import { useSite } from '../../../ui/SiteContext'
import { trialResults as words } from '../../../ui/texts/trials/trialResults'
import styles from './Results.module.css'

/** By which test it was decided, and what that takes for granted. */
export function ResultWhy({
  page,
  view,
  isOpen = false,
}: {
  readonly page: ResultsPage
  readonly view: MeasureView
  readonly isOpen?: boolean
}) {
  const { format } = useSite()
  const lines: (string | false | null)[] =
    view.by === 'counts'
      ? [words.whyFisher]
      : view.by === 'sides'
        ? [words.whySides(page.treatments.length > 2)]
        : [
            view.groups.test && words.whyTest[view.groups.test],
            view.isShare && words.whyTrays,
            view.groups.cv !== null && !page.isVoid && words.whyCv(format.number(view.groups.cv)),
            view.groups.treatments.length > 1 && words.whyAlone,
            view.groups.isUneven && words.whyUneven,
          ]
  return (
    <details className={styles.why} open={isOpen}>
      <summary>{words.why}</summary>
      {[words.whyDecides, ...lines, words.whyUsed].map((line) => line && <p key={line}>{line}</p>)}
    </details>
  )
}
