import type { LotPage } from '../../messages/media/lotViews'
import { Figure } from '../../ui/Figure'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { byGrain } from '../../ui/pictures/grains'
import { useSite } from '../../ui/SiteContext'
import { media as mediaWords } from '../../ui/texts/media/media'
import styles from './LotScreen.module.css'

/** The core sample with its parts in words. */
export function LotComposition({ page }: { page: LotPage }) {
  const { format } = useSite()
  if (page.strata.length === 0) return <p>{mediaWords.page.empty}</p>
  const split = page.air && page.water !== null ? { air: page.air.value, water: page.water } : null
  return (
    <div className={styles.composition}>
      <CoreSample strata={page.strata} size="card" split={split} />
      <ul className={styles.strata}>
        {byGrain(page.strata).map((stratum) => (
          <li key={stratum.materialId}>
            <span>{stratum.name}</span>
            <Figure amount={format.percent(stratum.share)} />
          </li>
        ))}
      </ul>
    </div>
  )
}
