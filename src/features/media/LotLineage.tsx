import type { LotPage } from '../../messages/media/lotViews'
import { useSite } from '../../ui/SiteContext'
import { transfers as words } from '../../ui/texts/media/transfers'
import { rotationGroupName } from '../../ui/texts/recondition/rotationGroups'
import styles from './LotScreen.module.css'

/** Which families stood in the mix, and which lots it came from and went to. */
export function LotLineage({ page: { families, flows } }: { readonly page: LotPage }) {
  const { format } = useSite()
  if (families.length === 0 && flows.length === 0) return null
  const litres = (value: number) => format.plain(format.litres(Math.abs(value)))
  return (
    <div className={styles.lineage}>
      {families.length > 0 && (
        <section aria-labelledby="families">
          <h2 id="families">{words.families}</h2>
          <ul>
            {families.map(({ rotationGroup, season, share, crops }) => (
              <li key={`${rotationGroup} ${season}`}>
                <span>
                  {season} · {rotationGroupName(rotationGroup)}
                  {crops.length > 0 && ` (${crops.join(', ').toLowerCase()})`}
                </span>
                <span className={styles.note}>
                  {share > 0.995
                    ? words.whole
                    : words.share(format.plain(format.percent(Math.max(0.01, share))))}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {flows.length > 0 && (
        <section aria-labelledby="flows">
          <h2 id="flows">{words.flows}</h2>
          <ul>
            {flows.map(({ entryId, on, litres: moved, lotId, name, isAway }) => (
              <li key={entryId}>
                {isAway ? (
                  <span>
                    {name} <span className={styles.note}>({words.away})</span>
                  </span>
                ) : (
                  <a href={`/lots/${lotId}`}>{name}</a>
                )}
                <span className={styles.note}>
                  {(moved > 0 ? words.came : words.went2)(litres(moved), format.day(on))}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}
