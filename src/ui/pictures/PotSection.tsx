import { useId } from 'react'
import { type RetentionCurve, waterContent } from '../../core/media'
import type { PotView } from '../../messages/media/lots'
import { useSite } from '../SiteContext'
import { texts } from '../texts'
import styles from './PotSection.module.css'
import { type Frame, fitHeight, frameFor, halfWidthCm, pathOf, wall } from './potGeometry'
import { scatterGrains } from './scatterGrains'

const SIZES = {
  row: { width: 72, height: 52, grains: 30, labels: false },
  card: { width: 230, height: 150, grains: 210, labels: true },
  stage: { width: 420, height: 260, grains: 460, labels: true },
} as const

const BANDS = 40
const LOAM = [146, 123, 104] as const
const WATER = [22, 104, 176] as const

/** The container to scale, cut open after draining: grains by material, blue by the water at that depth. */
export function PotSection({
  pot,
  size = 'card',
  planted = false,
}: {
  pot: PotView
  size?: keyof typeof SIZES
  planted?: boolean
}) {
  const clip = useId()
  const { format } = useSite()
  const { width, grains, labels } = SIZES[size]
  const { shape, surfaceCm, curve } = pot
  const box = {
    width,
    height: SIZES[size].height,
    left: labels ? (pot.rootDepthCm ? 22 : 8) : 3,
    right: labels ? 54 : 3,
    top: planted ? 34 : 6,
    bottom: 6,
  }
  const height = fitHeight(shape, box)
  const frame = frameFor(shape, { ...box, height })
  const media = [
    ...wall(shape, frame, -1, 0, surfaceCm),
    ...wall(shape, frame, 1, 0, surfaceCm).reverse(),
  ]
  return (
    <svg
      className={styles.section}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={texts.media.potLabel(
        format.plain(format.percent(pot.airFraction)),
        format.plain(format.cm(surfaceCm)),
        format.plain(format.cm(pot.lowAirDepthCm)),
      )}
    >
      <clipPath id={clip}>
        <path d={`${pathOf(media)}Z`} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <WaterBands curve={curve} frame={frame} surfaceCm={surfaceCm} />
        {scatterGrains(pot.strata, shape, frame, surfaceCm, grains).map(
          ({ materialId, grain, d }) => (
            <path key={materialId} className={styles[grain]} d={d} />
          ),
        )}
      </g>
      <Walls pot={pot} frame={frame} />
      {labels && <Levels pot={pot} frame={frame} />}
      {planted && <Sprout x={frame.toX(0)} y={frame.toY(surfaceCm)} />}
    </svg>
  )
}

function WaterBands({
  curve,
  frame,
  surfaceCm,
}: {
  curve: RetentionCurve
  frame: Frame
  surfaceCm: number
}) {
  const thick = surfaceCm / BANDS
  return Array.from({ length: BANDS }, (_, i) => {
    const filled = waterContent(curve, (i + 0.5) * thick) / curve.thetaS
    const top = frame.toY((i + 1) * thick)
    return (
      <rect
        key={frame.toY(i * thick)}
        x={0}
        y={top.toFixed(1)}
        width={frame.width}
        height={(thick * frame.pxPerCm + 0.8).toFixed(1)}
        fill={blend(filled ** 2.2)}
      />
    )
  })
}

function blend(blue: number): string {
  const mixed = LOAM.map((loam, i) => Math.round(loam + ((WATER[i] as number) - loam) * blue))
  return `rgb(${mixed.join(' ')})`
}

function Walls({ pot: { shape }, frame }: { pot: PotView; frame: Frame }) {
  const hole = Math.min(8, 0.25 * frame.pxPerCm * halfWidthCm(shape, 0))
  const left = wall(shape, frame, -1, 0, shape.heightCm).reverse()
  const right = wall(shape, frame, 1, 0, shape.heightCm).reverse()
  const base = frame.toY(0)
  return (
    <>
      <path
        className={styles.wall}
        d={`${pathOf(left)}L${(frame.toX(0) - hole).toFixed(1)} ${base.toFixed(1)}`}
      />
      <path
        className={styles.wall}
        d={`${pathOf(right)}L${(frame.toX(0) + hole).toFixed(1)} ${base.toFixed(1)}`}
      />
    </>
  )
}

/** Below the dashed line air falls under a tenth; the bracket shows how deep roots go. */
function Levels({ pot, frame }: { pot: PotView; frame: Frame }) {
  const { format } = useSite()
  const { shape, lowAirDepthCm, surfaceCm, rootDepthCm } = pot
  const y = frame.toY(lowAirDepthCm)
  const half = halfWidthCm(shape, lowAirDepthCm)
  const rightEdge = frame.toX(halfWidthCm(shape, shape.heightCm))
  const rootsTo = rootDepthCm === null ? null : Math.max(0, surfaceCm - rootDepthCm)
  const x = frame.toX(-halfWidthCm(shape, shape.heightCm)) - 10
  return (
    <>
      <path
        className={styles.level}
        d={`M${frame.toX(-half).toFixed(1)} ${y.toFixed(1)}H${(rightEdge + 8).toFixed(1)}`}
      />
      <text className={styles.levelText} x={rightEdge + 11} y={y + 4.5}>
        {format.plain(format.cm(lowAirDepthCm))}
      </text>
      {rootsTo !== null && (
        <path
          className={styles.roots}
          d={`M${x + 5} ${frame.toY(surfaceCm).toFixed(1)}H${x}V${frame.toY(rootsTo).toFixed(1)}H${x + 5}`}
        />
      )}
    </>
  )
}

function Sprout({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}>
      <path className={styles.sprout} d="M0 2V-18" />
      <path className={styles.leaf} d="M0-16C-3-27-14-28-19-25-17-17-8-14 0-16Z" />
      <path className={styles.leaf} d="M0-13C3-23 12-26 18-23 17-15 9-11 0-13Z" />
    </g>
  )
}
