import type { ReactNode } from 'react'
import type { SiteView } from '../../messages/site/site'
import type { LadderWay, TriageScreenPage } from '../../messages/styleguide'
import { Band } from '../../ui/Band'
import { Button } from '../../ui/Button'
import { Figure } from '../../ui/Figure'
import { Notice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { PotSection } from '../../ui/pictures/PotSection'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { drawnScreens as drawnScreensWords } from '../../ui/texts/drawnScreens'
import styles from './Screens.module.css'

const words = drawnScreensWords.triage
const BEST: LadderWay['id'] = 'full'

/** What was found, what it means, and the ways to go on side by side. */
export default function TriageScreen({
  page,
  site,
}: {
  readonly page: TriageScreenPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <Triage page={page} />
    </SiteProvider>
  )
}

function Triage({ page: { ways, crop, innings } }: { readonly page: TriageScreenPage }) {
  const { format } = useSite()
  const percent = (share: number) => format.plain(format.percent(share))
  return (
    <>
      <PageHead
        title={words.title}
        beside={words.beside}
        lead={
          <>
            <InningsStrip innings={innings} nextOpen /> {words.lead}
          </>
        }
      />
      <div className={styles.verdict}>
        <Notice tone="act">
          <strong>{words.verdict}</strong> {words.reason}
        </Notice>
        <ul className={styles.found}>
          {words.found.map(([what, value]) => (
            <li key={what}>
              {what} <strong>{value}</strong>
            </li>
          ))}
        </ul>
      </div>
      <table className={styles.ladder}>
        <thead>
          <tr>
            <td />
            {ways.map(({ id }, index) => (
              <th key={id} scope="col" className={id === BEST ? styles.best : undefined}>
                {index + 1} · {words.ways[id][0]}
                <small>{words.ways[id][1]}</small>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <Row name={words.section} ways={ways}>
            {({ pot }) => <PotSection pot={pot} size="card" />}
          </Row>
          <Row
            name={words.air}
            wanted={`${crop.name.toLowerCase()}: ${format.number(crop.airMin * 100)}–${percent(crop.airMax)}`}
            ways={ways}
          >
            {({ air }) => (
              <>
                <Figure amount={format.percent(air)} measuredOn={null} large />
                <Band value={air} low={crop.airMin} high={crop.airMax} from={0} to={0.45} />
              </>
            )}
          </Row>
          <Row
            name={words.ph}
            wanted={`${format.number(crop.pHLow, 1)}–${format.number(crop.pHHigh, 1)}`}
            ways={ways}
          >
            {({ ph }) => (
              <>
                <Figure
                  amount={{ number: format.number(ph, 1), unit: '' }}
                  measuredOn={null}
                  large
                />
                <Band value={ph} low={crop.pHLow} high={crop.pHHigh} from={4} to={8.5} />
              </>
            )}
          </Row>
          <Row name={words.salts} wanted={`≤ ${format.number(crop.ecMaxSme, 1)} dS/m`} ways={ways}>
            {({ ecSme }) => (
              <>
                <Figure
                  amount={{ number: format.number(ecSme, 1), unit: 'dS/m' }}
                  measuredOn={null}
                  large
                />
                <Band value={ecSme} low={null} high={crop.ecMaxSme} from={0} to={6} />
              </>
            )}
          </Row>
        </tbody>
      </table>
      <div className={styles.spread}>
        <p>{words.best}</p>
        <span className={styles.actions}>
          <Button>{words.compare}</Button>
          <Button weight="main">{words.write}</Button>
        </span>
      </div>
      <p className={styles.note}>{drawnScreensWords.note}</p>
    </>
  )
}

function Row({
  name,
  wanted,
  ways,
  children,
}: {
  readonly name: string
  readonly wanted?: string
  readonly ways: readonly LadderWay[]
  readonly children: (way: LadderWay) => ReactNode
}) {
  return (
    <tr>
      <th scope="row">
        {name}
        {wanted && <small>{wanted}</small>}
      </th>
      {ways.map((way) => (
        <td
          key={way.id}
          className={way.id === BEST ? styles.best : undefined}
          data-label={words.ways[way.id][0]}
        >
          {children(way)}
        </td>
      ))}
    </tr>
  )
}
