import { areaAtUnchecked, type ContainerShape, requireShape } from '../containers'
import { requireNumber } from '../validate'

/** Heights of a filled container at which its water is asked, and the share of the volume each stands for. */
export interface Heights {
  readonly cm: Float64Array
  readonly share: Float64Array
}

const POINTS = 20

/** Slices that grow with height: a coarse mix drains within a finger's breadth above its base. */
export function heightsOf(shape: ContainerShape, fillHeightCm: number): Heights {
  requireShape(shape)
  requireNumber('The fill height in cm', fillHeightCm, { above: 0, max: shape.heightCm })
  const cm = new Float64Array(POINTS)
  const share = new Float64Array(POINTS)
  let volume = 0
  for (let i = 0; i < POINTS; i++) {
    const from = (i / POINTS) ** 2
    const to = ((i + 1) / POINTS) ** 2
    const zCm = 0.5 * (from + to) * fillHeightCm
    const slice = areaAtUnchecked(shape, zCm) * (to - from)
    cm[i] = zCm
    share[i] = slice
    volume += slice
  }
  for (let i = 0; i < POINTS; i++) share[i] = (share[i] as number) / volume
  return { cm, share }
}
