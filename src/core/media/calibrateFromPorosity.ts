import { type ContainerShape, requireShape } from '../containers'
import { requireNumber } from '../validate'
import { containerCapacity } from './containerCapacity'
import { type RetentionCurve, requireCurve } from './retention'

export type PorosityCalibration =
  | { readonly feasible: true; readonly curve: RetentionCurve }
  | {
      readonly feasible: false
      /** Water fractions that a column of this mix could hold at all. */
      readonly range: readonly [low: number, high: number]
    }

const ALPHA_RANGE = [1e-4, 1e3] as const
const HALVINGS = 80

/**
 * Bends a predicted curve to a porosity test: all pores as measured, and alpha (the suction scale) moved until the
 * column holds the water that was measured; n and the ratio thetaR / thetaS are kept.
 * @param columnShape of the column the test was made in, filled to `fillHeightCm`
 * @param totalPorosity measured, share of the volume
 * @param waterFraction measured after draining, share of the volume
 * @throws DomainError for impossible input
 */
export function calibrateFromPorosity({
  prior,
  columnShape,
  fillHeightCm,
  totalPorosity,
  waterFraction,
}: {
  prior: RetentionCurve
  columnShape: ContainerShape
  fillHeightCm: number
  totalPorosity: number
  waterFraction: number
}): PorosityCalibration {
  requireCurve(prior)
  requireShape(columnShape)
  requireNumber('The total porosity', totalPorosity, { above: 0, below: 1 })
  requireNumber('The water held', waterFraction, { above: 0, below: 1 })
  const curveWith = (alpha: number): RetentionCurve => ({
    thetaS: totalPorosity,
    thetaR: (prior.thetaR / prior.thetaS) * totalPorosity,
    alpha,
    n: prior.n,
  })
  const held = (alpha: number) =>
    containerCapacity({ curve: curveWith(alpha), shape: columnShape, fillHeightCm }).waterFraction
  let [low, high] = ALPHA_RANGE as readonly [number, number] as [number, number]
  const wettest = held(low)
  const driest = held(high)
  if (waterFraction > wettest || waterFraction < driest) {
    return { feasible: false, range: [driest, wettest] }
  }
  // The larger alpha, the less is held; halved on the logarithm.
  for (let i = 0; i < HALVINGS; i++) {
    const middle = Math.sqrt(low * high)
    if (held(middle) > waterFraction) low = middle
    else high = middle
  }
  return { feasible: true, curve: curveWith(Math.sqrt(low * high)) }
}
