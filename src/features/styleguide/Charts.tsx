import { useMemo } from 'react'
import type { StyleguidePage } from '../../messages/styleguide'
import { Chart } from '../../ui/chart/Chart'
import type { ChartSpec } from '../../ui/chart/chartSpec'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
import styles from './Styleguide.module.css'

const words = styleguideWords.chart

export function Charts({ page }: { readonly page: StyleguidePage }) {
  const curves = useMemo<ChartSpec>(
    () => ({
      title: words.curve,
      says: words.curveSays,
      x: { name: words.suction, unit: 'cm', log: true, min: 1, max: 100 },
      y: { name: words.water, unit: '% of the volume', min: 0, max: 100 },
      series: page.curves.map(({ name, points }, index) => ({
        kind: 'line',
        name,
        tone: index === 0 ? 'water' : 'loam',
        dashed: index > 0,
        points,
      })),
    }),
    [page],
  )
  const heights = useMemo<ChartSpec>(
    () => ({
      title: words.heightTitle,
      says: words.heightSays,
      x: {
        name: words.height,
        unit: 'cm',
        places: page.airByHeight.map(({ heightCm }) => String(heightCm)),
      },
      y: { name: words.air, unit: '%', min: 0 },
      series: [
        {
          kind: 'bars',
          name: words.air10,
          tone: 'water',
          points: page.airByHeight.map(({ air }, index) => [index, Math.round(air * 100)]),
        },
      ],
      stretches: [{ axis: 'y', from: 12, to: 25, name: words.wanted }],
    }),
    [page],
  )
  return (
    <div className={styles.two}>
      <Chart spec={curves} />
      <Chart spec={heights} />
    </div>
  )
}
