import type { LotPage } from '../../messages/media/lots'
import { Band } from '../../ui/Band'
import { Figure } from '../../ui/Figure'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { byGrain } from '../../ui/pictures/grains'
import { useSite } from '../../ui/SiteContext'
import { texts } from '../../ui/texts'
import styles from './LotScreen.module.css'

/** The core sample with its parts in words. */
export function LotComposition({ page }: { page: LotPage }) {
  const { format } = useSite()
  if (page.strata.length === 0) return <p>{texts.media.page.empty}</p>
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

/** Last values, measured or estimated, each against the crop's band. */
export function LotValues({ page }: { page: LotPage }) {
  const { format } = useSite()
  const words = texts.media.page
  const { crop, air, ph, ecSme } = page
  const percent = (share: number) => format.plain(format.percent(share))
  return (
    <dl className={styles.values}>
      {air && (
        <>
          <dt>
            {words.air}
            {crop && (
              <span className={styles.note}>
                {' '}
                {words.airBand(percent(crop.airMin), percent(crop.airMax), crop.name)}
              </span>
            )}
          </dt>
          <dd>
            <Figure amount={format.percent(air.value)} measuredOn={air.measuredOn} large />
          </dd>
          <dd>
            {crop && (
              <Band value={air.value} low={crop.airMin} high={crop.airMax} from={0} to={0.45} />
            )}
          </dd>
        </>
      )}
      {ph && (
        <>
          <dt>
            {words.ph}
            {crop && (
              <span className={styles.note}>
                {' '}
                {crop.name.toLowerCase()}: {format.number(crop.pHLow, 1)}–
                {format.number(crop.pHHigh, 1)}
              </span>
            )}
          </dt>
          <dd>
            <Figure
              amount={{ number: format.number(ph.value, 1), unit: 'pH' }}
              measuredOn={ph.measuredOn}
              large
            />
          </dd>
          <dd>
            {crop && (
              <Band value={ph.value} low={crop.pHLow} high={crop.pHHigh} from={4} to={8.5} />
            )}
          </dd>
        </>
      )}
      {ecSme && (
        <>
          <dt>
            {words.ec}
            {crop && (
              <span className={styles.note}>
                {' '}
                {words.ecCeiling(`${format.number(crop.ecMaxSme, 1)} dS/m`, crop.name)}
              </span>
            )}
          </dt>
          <dd>
            <Figure
              amount={{ number: format.number(ecSme.value, 1), unit: 'dS/m' }}
              measuredOn={ecSme.measuredOn}
              large
            />
          </dd>
          <dd>
            {crop && <Band value={ecSme.value} low={null} high={crop.ecMaxSme} from={0} to={6} />}
          </dd>
        </>
      )}
      {page.bulkDensity !== null && page.water !== null && (
        <>
          <dt>{words.weight}</dt>
          <dd>
            <Figure
              amount={{
                number: format.number(page.bulkDensity + page.water, 2),
                unit: words.perLitre,
              }}
              measuredOn={null}
              large
            />
          </dd>
          <dd />
        </>
      )}
    </dl>
  )
}
