import type { TrialPage } from '../../messages/trials/trialViews'
import { LinkButton } from '../../ui/Button'
import { useSite } from '../../ui/SiteContext'
import { trials } from '../../ui/texts/trials/trials'
import { trialWords } from '../../ui/texts/trials/trialWords'
import styles from './Trial.module.css'

const words = trials.looks

/** What is looked at in each pot, on which days, and what was done of it. */
export function TrialLooks({ page }: { readonly page: TrialPage }) {
  const { format, site } = useSite()
  const { checks, plantedOn } = page
  const isRunning = page.state === 'running'
  return (
    <section aria-labelledby="looks" className={styles.part}>
      <h2 id="looks">{words.head}</h2>
      {page.measures.length > 0 && (
        <p>
          {words.measures}:{' '}
          {page.measures.map((one) => trialWords.measures[one].toLowerCase()).join(' · ')}
        </p>
      )}
      {checks.length === 0 && <p>{words.none}</p>}
      {checks.length > 0 && plantedOn === null && (
        <p>{words.days(checks.map(({ day }) => day).join(', '))}</p>
      )}
      {checks.length > 0 && plantedOn !== null && (
        <ol className={styles.checks}>
          {checks.map(({ day, on, state, looked, doneOn }) => (
            <li key={day} className={styles.check} data-state={state}>
              <strong>{words.dayOf(day)}</strong>
              <span>{on && format.day(on)}</span>
              <span>
                {words.states[state]}
                {looked > 0 && ` · ${words.looked(looked, page.potList.length)}`}
                {doneOn && doneOn !== on && ` · ${words.doneOn(format.day(doneOn))}`}
              </span>
              {isRunning && doneOn && doneOn < site.today && (
                <a href={`/trials/${page.id}/look?on=${doneOn}`}>{words.readAgain}</a>
              )}
            </li>
          ))}
        </ol>
      )}
      {isRunning && (
        <p>
          <LinkButton href={`/trials/${page.id}/look`} data-needs="log">
            {words.go}
          </LinkButton>
        </p>
      )}
    </section>
  )
}
