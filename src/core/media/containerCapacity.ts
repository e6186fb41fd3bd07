import { areaAtUnchecked, type ContainerShape, requireShape } from '../containers'
import { requireNumber } from '../validate'
import { LOW_AIR_SHARE } from './lowAirShare'
import { type RetentionCurve, requireCurve, suctionAt, waterContent } from './retention'

export interface ContainerCapacity {
  /** Mean water content after free drainage, m³ m⁻³. */
  readonly waterFraction: number
  /** Air-filled porosity in this container, m³ m⁻³. */
  readonly airFraction: number
  readonly waterLitres: number
  readonly airLitres: number
  /** Height from the base up to where air first exceeds 2 % of the volume, cm. */
  readonly saturatedDepthCm: number
  /** The same at 10 % air, below which most roots begin to suffer, cm. */
  readonly lowAirDepthCm: number
  /** Water between container capacity and the water content at 100 cm suction, L. */
  readonly availableLitres: number
}

// Eight-point Gauss-Legendre rule on [-1, 1]: nodes and weights of the positive half.
const GAUSS_NODES = [0.1834346424956498, 0.525532409916329, 0.7966664774136267, 0.9602898564975363]
const GAUSS_WEIGHTS = [
  0.362683783378362, 0.3137066458778873, 0.2223810344533745, 0.1012285362903763,
]
const PANELS = 12
const SLICES = 2 * PANELS * GAUSS_NODES.length
const UNAVAILABLE_SUCTION_CM = 100

/** The points of the rule in a filled container: logarithms of their heights, and the volume each stands for, cm³. */
interface Slices {
  readonly fillHeightCm: number
  readonly logHeights: Float64Array
  readonly slices: Float64Array
  readonly volume: number
}

// The last fill of each shape: a recipe asks for hundreds of mixes in one container.
const keptSlices = new WeakMap<ContainerShape, Slices>()

function slicesOf(shape: ContainerShape, fillHeightCm: number): Slices {
  const kept = keptSlices.get(shape)
  if (kept?.fillHeightCm === fillHeightCm) return kept
  const logHeights = new Float64Array(SLICES)
  const slices = new Float64Array(SLICES)
  let volume = 0
  let index = 0
  const add = (u: number, weight: number) => {
    // z = H u^3 crowds the points towards the base, where a coarse mix drains within millimetres.
    const z = fillHeightCm * u * u * u
    const slice = areaAtUnchecked(shape, z) * 3 * u * u * fillHeightCm * weight
    logHeights[index] = Math.log(z)
    slices[index] = slice
    volume += slice
    index++
  }
  for (let panel = 0; panel < PANELS; panel++) {
    const middle = (panel + 0.5) / PANELS
    const half = 0.5 / PANELS
    for (let k = 0; k < GAUSS_NODES.length; k++) {
      const offset = half * (GAUSS_NODES[k] as number)
      const weight = half * (GAUSS_WEIGHTS[k] as number)
      add(middle - offset, weight)
      add(middle + offset, weight)
    }
  }
  const made = { fillHeightCm, logHeights, slices, volume }
  keptSlices.set(shape, made)
  return made
}

/**
 * Air and water in a container after free drainage: the base sits at zero suction, so suction at height z is z.
 * Air-filled porosity after De Boodt & Verdonck (1972), taken over the container's own cross-section.
 * Accurate to better than 1e-4 in fractions.
 * @param fillHeightCm height of the media surface above the base, above 0
 * @throws DomainError for an impossible curve, shape or fill height
 * @example containerCapacity({ curve, shape: { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 }, fillHeightCm: 17.5 })
 */
export function containerCapacity({
  curve,
  shape,
  fillHeightCm,
}: {
  curve: RetentionCurve
  shape: ContainerShape
  fillHeightCm: number
}): ContainerCapacity {
  requireCurve(curve)
  requireShape(shape)
  requireNumber('The fill height in cm', fillHeightCm, {
    above: 0,
    max: shape.heightCm * (1 + 1e-12),
  })

  const { logHeights, slices, volume } = slicesOf(shape, fillHeightCm)
  const { thetaS, thetaR, alpha, n } = curve
  const unavailable = waterContent(curve, UNAVAILABLE_SUCTION_CM)
  const logAlpha = Math.log(alpha)
  const m = 1 - 1 / n
  let water = 0
  let available = 0
  for (let i = 0; i < SLICES; i++) {
    // waterContent by logarithms: half as many powers, and the heights' are kept.
    const scaled = Math.exp(n * (logAlpha + (logHeights[i] as number)))
    const theta = thetaR + (thetaS - thetaR) * Math.exp(-m * Math.log1p(scaled))
    const slice = slices[i] as number
    water += theta * slice
    if (theta > unavailable) available += (theta - unavailable) * slice
  }

  const waterFraction = water / volume
  const airFraction = curve.thetaS - waterFraction
  return {
    waterFraction,
    airFraction,
    waterLitres: water / 1000,
    airLitres: (airFraction * volume) / 1000,
    saturatedDepthCm: Math.min(fillHeightCm, suctionAt(curve, curve.thetaS - 0.02)),
    lowAirDepthCm: Math.min(fillHeightCm, suctionAt(curve, curve.thetaS - LOW_AIR_SHARE)),
    availableLitres: available / 1000,
  }
}
