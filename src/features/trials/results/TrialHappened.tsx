import type { ResultsPage } from '../../../messages/trials/resultViews'
import { Notice } from '../../../ui/Notice'
import { addressOf } from '../../../ui/request'
import { useSite } from '../../../ui/SiteContext'
import { look } from '../../../ui/texts/trials/look'
import { trialResults } from '../../../ui/texts/trials/trialResults'
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
      <Noted page={page} />
    </section>
  )
}

/** What whoever looked at the pots wrote down, and photos of them. */
function Noted({ page: { noted } }: { readonly page: ResultsPage }) {
  const { format } = useSite()
  if (noted.length === 0) return null
  const photos = noted.flatMap(({ code, on, photoId }) =>
    photoId === null
      ? []
      : [{ code, on, address: addressOf('GET /api/photos/[id]', { params: { id: photoId } }) }],
  )
  return (
    <>
      <h3>{words.noted}</h3>
      <ul className={styles.lines}>
        {noted
          .filter(({ note }) => note !== null)
          .map(({ code, containerId, on, note }) => (
            <li key={`${code} ${on} ${note}`}>
              {format.day(on)} · <a href={`/pots/${containerId}`}>{code}</a> · {note}
            </li>
          ))}
      </ul>
      {photos.length > 0 && (
        <ul className={styles.photos}>
          {photos.map(({ code, on, address }) => (
            <li key={address}>
              <a href={address}>
                <img src={address} alt={words.photoOf(code, format.day(on))} loading="lazy" />
              </a>
              <small>{words.photoOf(code, format.day(on))}</small>
            </li>
          ))}
        </ul>
      )}
    </>
  )
}
