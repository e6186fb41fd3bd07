import type { ContainerShape } from '../../core/containers'
import type { FillPlan } from '../../messages/containers/fillPot'
import { filling as words } from '../../ui/texts/containers/filling'
import styles from './Fill.module.css'

const WIDTH_PX = 220
const HEIGHT_PX = 150

/** The base from above, to scale, with its holes where they are drilled. */
export function HolesPicture({
  shape,
  holes,
}: {
  readonly shape: ContainerShape
  readonly holes: FillPlan['holes']
}) {
  const [wide, high] = baseOf(shape)
  const margin = 1
  const box = `${-wide / 2 - margin} ${-high / 2 - margin} ${wide + 2 * margin} ${high + 2 * margin}`
  return (
    <svg
      className={styles.base}
      viewBox={box}
      width={WIDTH_PX}
      height={HEIGHT_PX}
      role="img"
      aria-label={words.holesDrawn(holes.count)}
    >
      {shape.kind === 'rectangular' ? (
        <rect className={styles.outline} x={-wide / 2} y={-high / 2} width={wide} height={high} />
      ) : (
        <circle className={styles.outline} r={wide / 2} />
      )}
      {holes.positions.map(({ xCm, yCm }) => (
        <circle
          key={`${xCm} ${yCm}`}
          className={styles.hole}
          cx={xCm}
          cy={yCm}
          r={holes.diameterMm / 20}
        />
      ))}
    </svg>
  )
}

/** Length and width of the base as it is drawn, cm; of a basket where its holes lie. */
function baseOf(shape: ContainerShape): readonly [number, number] {
  switch (shape.kind) {
    case 'rectangular':
      return [shape.baseLengthCm, shape.baseWidthCm]
    case 'round':
      return [shape.baseDiameterCm, shape.baseDiameterCm]
    case 'bowl':
      return [shape.rimDiameterCm, shape.rimDiameterCm]
  }
}
