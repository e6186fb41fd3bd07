import { useMemo } from 'react'
import type { SiteView } from '../../messages/site'
import type { CompareScreenPage } from '../../messages/styleguide'
import { Band } from '../../ui/Band'
import { Button } from '../../ui/Button'
import { elapsed } from '../../ui/Clock'
import { Chart } from '../../ui/chart/Chart'
import type { ChartSpec } from '../../ui/chart/chartSpec'
import { Figure } from '../../ui/Figure'
import { PageHead } from '../../ui/PageHead'
import { PotPlayer } from '../../ui/pictures/PotPlayer'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { texts } from '../../ui/texts'
import styles from './Screens.module.css'

const words = texts.drawnScreens.compare
const TONES = ['loam', 'act', 'water'] as const

/** Mixes side by side in one pot, under one time. */
export default function CompareScreen({
  page,
  site,
}: {
  readonly page: CompareScreenPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <Compared page={page} />
    </SiteProvider>
  )
}

function Compared({ page: { runs, pouredLitres } }: { readonly page: CompareScreenPage }) {
  const { format } = useSite()
  const curves = useMemo<ChartSpec>(
    () => ({
      title: words.curves,
      says: words.curvesSay,
      x: { name: words.suction, unit: 'cm', log: true, min: 1, max: 100 },
      y: { name: words.water, unit: '% of the volume', min: 0, max: 100 },
      series: runs.map(({ name, curve }, index) => ({
        kind: 'line',
        name,
        tone: TONES[index] ?? 'ink',
        points: curve,
      })),
    }),
    [runs],
  )
  const time = (seconds: number | null) =>
    seconds === null
      ? words.never
      : seconds < 60
        ? `${format.number(seconds)} ${words.seconds}`
        : elapsed(seconds)
  return (
    <>
      <PageHead
        title={words.title}
        beside={words.beside}
        lead={words.lead}
        actions={
          <>
            <Button>{words.choose}</Button>
            <Button weight="main">{words.keep}</Button>
          </>
        }
      />
      <div className={styles.panel}>
        <PotPlayer
          size="card"
          label={words.watered(format.plain(format.litres(pouredLitres)))}
          runs={runs}
        />
      </div>
      <table className={styles.numbers}>
        <thead>
          <tr>
            <th>{words.watered(format.plain(format.litres(pouredLitres)))}</th>
            {runs.map(({ name }) => (
              <th key={name} scope="col">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">
              {words.air} <small>{words.wanted}</small>
            </th>
            {runs.map(({ name, air }) => (
              <td key={name} data-label={name}>
                <Figure amount={format.percent(air)} measuredOn={null} large />
                <Band value={air} low={0.12} high={0.25} from={0} to={0.45} />
              </td>
            ))}
          </tr>
          <tr>
            <th scope="row">{words.drip}</th>
            {runs.map(({ name, firstDripS }) => (
              <td key={name} data-label={name}>
                <Figure amount={{ number: time(firstDripS), unit: '' }} measuredOn={null} large />
              </td>
            ))}
          </tr>
          <tr>
            <th scope="row">{words.half}</th>
            {runs.map(({ name, halfLitreS }) => (
              <td key={name} data-label={name}>
                <Figure amount={{ number: time(halfLitreS), unit: '' }} measuredOn={null} large />
              </td>
            ))}
          </tr>
          <tr>
            <th scope="row">{words.kept}</th>
            {runs.map(({ name, keptLitres }) => (
              <td key={name} data-label={name}>
                <Figure amount={format.litres(keptLitres)} measuredOn={null} large />
              </td>
            ))}
          </tr>
        </tbody>
      </table>
      <Chart spec={curves} />
      <p className={styles.note}>{texts.drawnScreens.note}</p>
    </>
  )
}
