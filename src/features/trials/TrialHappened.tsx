import type { ResultsPage } from '../../messages/trials/looks'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { look } from '../../ui/texts/look'
import { trialResults } from '../../ui/texts/trialResults'
import styles from './Results.module.css'

const words = trialResults.happened

/** What happened to pots, which were left out and why, and what may be no accident. */
export function TrialHappened({ page }: { readonly page: ResultsPage }) {
  const { format } = useSite()
  const what = (one: ResultsPage['happened'][number] | ResultsPage['effects'][number]['what']) =>
    one.problemName ?? look.events[one.kind]
  // What a pot was left out for is told with that.
  const others = page.happened.filter(
    (one) =>
      !page.leftOut.some(
        ({ code, on, happened }) => code === one.code && on === one.on && happened === one.kind,
      ),
  )
  return (
    <section aria-labelledby="happened" className={styles.part}>
      <h2 id="happened">{words.head}</h2>
      {page.effects.map((one) => (
        <Notice key={`${one.treatment}${one.what.id}`} tone="act">
          {words.effect(what(one.what), one.treatment)}
        </Notice>
      ))}
      {page.happened.length === 0 && page.leftOut.length === 0 && <p>{words.none}</p>}
      {page.leftOut.length > 0 && (
        <ul className={styles.lines}>
          {page.leftOut.map((one) => (
            <li key={one.code}>
              <strong>{one.code}</strong> {look.leftOut(one, format.day(one.on))}
            </li>
          ))}
        </ul>
      )}
      {others.length > 0 && (
        <ul className={styles.lines}>
          {others.map((one) => (
            <li key={one.id}>
              {format.day(one.on)} · <a href={`/pots/${one.containerId}`}>{one.code}</a> ·{' '}
              {what(one)}
              {one.note && ` · ${one.note}`}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
