import type { Stratum } from '../../messages/media/lotViews'
import { useSite } from '../SiteContext'
import { pictures as pictureWords } from '../texts/pictures'
import styles from './CoreSample.module.css'
import { byGrain, grainOf } from './grains'

const SIZES = {
  row: { width: 30, height: 52 },
  card: { width: 40, height: 120 },
  stage: { width: 52, height: 300 },
} as const

/** Air, water and solids as shares of the volume. */
export interface Split {
  readonly air: number
  readonly water: number
}

/** A mix as a slim column: one stratum a material, its height its share, its pattern what it is for. */
export function CoreSample({
  strata,
  size = 'row',
  split,
  isNamed = true,
}: {
  strata: readonly Stratum[]
  size?: keyof typeof SIZES
  split?: Split | null
  /** Not where it stands in a picture that is passed over by who cannot see it. */
  isNamed?: boolean
}) {
  const { format } = useSite()
  const { width, height } = SIZES[size]
  const scale = split ? 14 : 0
  const label = () =>
    strata.map(({ name, share }) => `${format.number(share * 100)} % ${name}`).join(', ')
  let y = 1
  const drawn = byGrain(strata).map((stratum) => {
    const top = y
    const thick = stratum.share * height
    y += thick
    return { ...stratum, top: hundredths(top), thick: hundredths(thick) }
  })
  // All in one: a list of lots draws hundreds of these pictures.
  const seams = drawn
    .filter(({ top }) => top > 1)
    .map(({ top }) => `M1 ${top.toFixed(1)}H${width - 1}`)
    .join('')
  return (
    <svg
      className={styles.sample}
      width={width + scale}
      height={height + 2}
      viewBox={`0 0 ${width + scale} ${height + 2}`}
      role={isNamed ? 'img' : 'presentation'}
      aria-label={isNamed ? pictureWords.coreLabel(label()) : undefined}
    >
      {drawn.map(({ materialId, group, top, thick }) => (
        <rect
          key={materialId}
          x={1}
          y={top}
          width={width - 2}
          height={thick}
          fill={`url(#grain-${grainOf(group)})`}
        />
      ))}
      {seams && <path d={seams} className={styles.seam} />}
      <rect x={1} y={1} width={width - 2} height={height} rx={2} className={styles.frame} />
      {split && <SplitScale split={split} x={width + 4} height={height} />}
    </svg>
  )
}

function hundredths(length: number): number {
  return Math.round(length * 100) / 100
}

function SplitScale({ split, x, height }: { split: Split; x: number; height: number }) {
  const air = split.air * height
  const water = split.water * height
  return (
    <g>
      <rect x={x} y={1} width={8} height={air} className={styles.air} />
      <rect x={x} y={1 + air} width={8} height={water} className={styles.water} />
      <rect
        x={x}
        y={1 + air + water}
        width={8}
        height={height - air - water}
        className={styles.solids}
      />
    </g>
  )
}
