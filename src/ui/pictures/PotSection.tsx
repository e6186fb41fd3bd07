import { useId } from 'react'
import type { ContainerShape } from '../../core/containers'
import type { PotView } from '../../messages/media/potViews'
import { useSite } from '../SiteContext'
import { pictures as pictureWords } from '../texts/pictures'
import { Drops, Filler, Levels, Seam, Sprout, Walls } from './PotParts'
import styles from './PotSection.module.css'
import { drainedWetness, layersOf, WaterBands, type Wetness } from './PotWater'
import { fitHeight, frameFor, pathOf, wall } from './potGeometry'
import { scatterGrains } from './scatterGrains'

const SIZES = {
  row: { width: 52, height: 46, grains: 26, bands: 12, labels: false },
  card: { width: 230, height: 150, grains: 210, bands: 40, labels: true },
  side: { width: 330, height: 220, grains: 320, bands: 40, labels: true },
  stage: { width: 420, height: 260, grains: 460, bands: 40, labels: true },
} as const

/** The container to scale, cut open: grains by material, blue by the water at that depth. */
export function PotSection({
  pot,
  size = 'card',
  planted = false,
  wetness,
  dripping = false,
  pondCm = 0,
}: {
  pot: PotView
  size?: keyof typeof SIZES
  planted?: boolean
  /** In place of the drained state. */
  wetness?: Wetness
  dripping?: boolean
  /** Water standing on the surface. */
  pondCm?: number
}) {
  const clip = useId()
  const { format } = useSite()
  const { width, grains, bands, labels } = SIZES[size]
  const { shape, surfaceCm } = pot
  const box = {
    width,
    height: SIZES[size].height,
    left: labels ? (pot.rootDepthCm ? 22 : 8) : 3,
    right: labels ? 54 : 3,
    top: planted ? 34 : 6,
    // Room for drops is kept while water moves, so that the pot does not jump with the first of them.
    bottom: dripping || wetness ? 16 : 6,
  }
  const height = fitHeight(shape, box)
  const frame = frameFor(shape, { ...box, height })
  const inside = [
    ...wall(shape, frame, -1, 0, surfaceCm + pondCm),
    ...wall(shape, frame, 1, 0, surfaceCm + pondCm).reverse(),
  ]
  const layers = layersOf(pot)
  return (
    <svg
      className={styles.section}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={pictureWords.potLabel(
        format.plain(format.percent(pot.airFraction)),
        format.plain(format.cm(surfaceCm)),
        format.plain(format.cm(pot.lowAirDepthCm)),
      )}
    >
      <clipPath id={clip}>
        <path d={`${pathOf(inside)}Z`} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <WaterBands
          wetness={wetness ?? drainedWetness(layers, bands)}
          frame={frame}
          fromCm={pot.fillerCm ?? 0}
          surfaceCm={surfaceCm}
        />
        {layers.map((layer) =>
          scatterGrains(
            layer.strata,
            shape,
            frame,
            layer,
            (grains * (layer.toCm - layer.fromCm)) / surfaceCm,
          ).map(({ materialId, grain, d }) => (
            <path key={`${layer.fromCm}${materialId}`} className={styles[grain]} d={d} />
          )),
        )}
        {pondCm > 0 && (
          <rect
            className={styles.pond}
            x={0}
            width={width}
            y={frame.toY(surfaceCm + pondCm)}
            height={pondCm * frame.pxPerCm}
          />
        )}
      </g>
      {pot.fillerCm ? <Filler pot={pot} fillerCm={pot.fillerCm} frame={frame} /> : null}
      {layers.slice(1).map(({ fromCm }) => (
        <Seam key={fromCm} pot={pot} zCm={fromCm} frame={frame} />
      ))}
      <Walls pot={pot} frame={frame} />
      {labels && !wetness && <Levels pot={pot} frame={frame} />}
      {dripping && <Drops x={frame.toX(0)} y={frame.toY(0)} />}
      {planted && <Sprout x={frame.toX(0)} y={frame.toY(surfaceCm)} />}
    </svg>
  )
}

/** A container to scale with nothing in it, as a row shows it. */
export function EmptyPot({ shape }: { readonly shape: ContainerShape }) {
  const { width, height } = SIZES.row
  const frame = frameFor(shape, { width, height, left: 3, right: 3, top: 6, bottom: 6 })
  return (
    <svg className={styles.section} width={width} height={height} aria-hidden="true">
      <Walls pot={{ shape }} frame={frame} />
    </svg>
  )
}
