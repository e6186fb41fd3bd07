import type { RecipePage } from '../../../messages/recondition/turnover'
import { useSite } from '../../../ui/SiteContext'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import styles from './RecipeScreen.module.css'

const WIDTH = 340
const HEIGHT = 150
const LEFT = 34
const BOTTOM = 26

/** Air in the pot against the share of the aggregate, with the crop's band and the share taken. */
export function AirChart({ page }: { page: RecipePage }) {
  const { format } = useSite()
  const words = reconditionWords.recipe
  const { airByShare, parts, aggregateOptions } = page.recipe
  const part = parts.find(({ role }) => role === 'aggregate')
  const last = airByShare[airByShare.length - 1]
  if (!last) return null
  const top = Math.max(page.crop.airMax, ...airByShare.map(({ air }) => air)) * 1.08
  const x = (share: number) => LEFT + (share / last.share) * (WIDTH - LEFT - 12)
  const y = (air: number) => HEIGHT - BOTTOM - (air / top) * (HEIGHT - BOTTOM - 14)
  const line = airByShare
    .map(({ share, air }, i) => `${i === 0 ? 'M' : 'L'}${x(share).toFixed(1)} ${y(air).toFixed(1)}`)
    .join('')
  const id = part?.id ?? aggregateOptions[0]?.id ?? ''
  const name = page.names[id]?.name ?? id
  const ticks = [0, page.crop.airMin, page.crop.airMax]
  return (
    <svg
      className={styles.chart}
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={words.chartLabel(name)}
    >
      <rect
        x={LEFT}
        y={y(page.crop.airMax)}
        width={WIDTH - LEFT - 12}
        height={y(page.crop.airMin) - y(page.crop.airMax)}
        className={styles.chartBand}
      />
      <path d={`M${LEFT} 8V${HEIGHT - BOTTOM}H${WIDTH - 12}`} className={styles.chartAxis} />
      <path d={line} className={styles.chartLine} />
      {part && (
        <circle
          cx={x(part.share)}
          cy={y(page.recipe.predicted.airFraction)}
          r={5}
          className={styles.chartDot}
        />
      )}
      {ticks.map((air) => (
        <text key={air} className={styles.chartText} x={LEFT - 6} y={y(air) + 4} textAnchor="end">
          {format.number(air * 100)}
        </text>
      ))}
      <text className={styles.chartText} x={LEFT + 4} y={12}>
        {words.chartAir}
      </text>
      <text className={styles.chartText} x={WIDTH - 12} y={HEIGHT - 8} textAnchor="end">
        {name}, {words.chartShare}: 0–{format.plain(format.percent(last.share))}
      </text>
    </svg>
  )
}
