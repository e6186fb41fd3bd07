import type { PotView } from '../../messages/media/potViews'
import { useSite } from '../SiteContext'
import styles from './PotSection.module.css'
import { type Frame, halfWidthCm, pathOf, wall } from './potGeometry'

/** An inert filler: hollow, crossed out, since no root and no water is in it. */
export function Filler({ pot, fillerCm, frame }: { pot: PotView; fillerCm: number; frame: Frame }) {
  const outline = [
    ...wall(pot.shape, frame, -1, 0, fillerCm),
    ...wall(pot.shape, frame, 1, 0, fillerCm).reverse(),
  ]
  const [first, second, third, fourth] = [
    outline[0],
    outline[outline.length / 2 - 1],
    outline[outline.length / 2],
    outline.at(-1),
  ]
  const cross = [first, third, second, fourth].map((point) => point?.join(' ')).filter(Boolean)
  return (
    <>
      <path className={styles.filler} d={`${pathOf(outline)}Z`} />
      <path className={styles.cross} d={`M${cross[0]}L${cross[1]}M${cross[2]}L${cross[3]}`} />
    </>
  )
}

export function Seam({ pot, zCm, frame }: { pot: PotView; zCm: number; frame: Frame }) {
  const half = halfWidthCm(pot.shape, zCm)
  return (
    <path
      className={styles.seam}
      d={`M${frame.toX(-half).toFixed(1)} ${frame.toY(zCm).toFixed(1)}H${frame.toX(half).toFixed(1)}`}
    />
  )
}

export function Drops({ x, y }: { x: number; y: number }) {
  return (
    <path className={styles.drop} d={`M${x} ${y + 3}c3 5 4 6 4 8a4 4 0 0 1-8 0c0-2 1-3 4-8Z`} />
  )
}

export function Walls({ pot: { shape }, frame }: { pot: Pick<PotView, 'shape'>; frame: Frame }) {
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
export function Levels({ pot, frame }: { pot: PotView; frame: Frame }) {
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

export function Sprout({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}>
      <path className={styles.sprout} d="M0 2V-18" />
      <path className={styles.leaf} d="M0-16C-3-27-14-28-19-25-17-17-8-14 0-16Z" />
      <path className={styles.leaf} d="M0-13C3-23 12-26 18-23 17-15 9-11 0-13Z" />
    </g>
  )
}
