import { useMemo } from 'react'
import { blendMedia, waterContent } from '../../core/media'
import { Chart } from '../../ui/chart/Chart'
import type { ChartSpec, Tone } from '../../ui/chart/chartSpec'
import { mixPictures } from '../../ui/texts/mixes/mixPictures'
import type { NamedFill } from './runViews'

const words = mixPictures.runs
const TONES: readonly Tone[] = ['water', 'act', 'loam', 'ok']

/** Water held against a suction, a line a mix with its name on it. */
export function CurvesOfMixes({ fills }: { readonly fills: readonly NamedFill[] }) {
  const spec = useMemo<ChartSpec>(
    () => ({
      title: words.curves,
      says: words.curvesSay,
      x: { name: words.suction, unit: 'cm', log: true, min: 1, max: 100 },
      y: { name: words.water, unit: '% of the volume', min: 0, max: 100 },
      series: fills.map(({ name, layers }, i) => {
        const { curve } = blendMedia({ components: layers.at(-1)?.components ?? [] })
        return {
          kind: 'line',
          name,
          tone: TONES[i] ?? 'ink',
          points: Array.from({ length: 41 }, (_, at) => {
            const suctionCm = 10 ** (at / 20)
            return [suctionCm, Number((100 * waterContent(curve, suctionCm)).toFixed(1))] as const
          }),
        }
      }),
    }),
    [fills],
  )
  return <Chart spec={spec} />
}
