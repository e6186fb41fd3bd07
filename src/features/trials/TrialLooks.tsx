import type { TrialPage } from '../../messages/trials/trials'
import { useSite } from '../../ui/SiteContext'
import { trials } from '../../ui/texts/trials'
import { trialWords } from '../../ui/texts/trialWords'
import styles from './Trial.module.css'

const words = trials.looks

/** What is looked at in each pot, and on which days. */
export function TrialLooks({ page }: { readonly page: TrialPage }) {
  const { format } = useSite()
  return (
    <section aria-labelledby="looks" className={styles.part}>
      <h2 id="looks">{words.head}</h2>
      {page.measures.length > 0 && (
        <p>
          {words.measures}:{' '}
          {page.measures.map((one) => trialWords.measures[one].toLowerCase()).join(' · ')}
        </p>
      )}
      <p>
        {page.checks.length === 0
          ? words.none
          : page.plantedOn === null
            ? words.days(page.checks.map(({ day }) => day).join(', '))
            : page.checks
                .flatMap(({ on, day }) => (on ? `${format.day(on)} (${words.day(day)})` : []))
                .join(' · ')}
      </p>
    </section>
  )
}
