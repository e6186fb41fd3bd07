import type { ContainerShape } from '../containers'
import { calibrateFromPorosity, containerCapacity } from '../media'
import { type Column, type Hydraulics, learnFromDrain } from './columnRun'
import type { DrainObservation } from './drainReadings'
import { fitSpeed } from './fitSpeed'
import type { PorosityReadings } from './porosityReadings'

/** A porosity test and where it was made. */
export interface PorosityMade {
  readonly columnShape: ContainerShape
  readonly fillHeightCm: number
  readonly readings: Pick<PorosityReadings, 'totalPorosity' | 'waterFraction'>
}

/** A drain test and where it was made. */
export interface DrainMade {
  readonly column: Column
  readonly pourS: number
  readonly observation: DrainObservation
}

export type CalibrationDoubt =
  /** No suction scale gives pores and water as measured: the range of water such a mix could hold is told. */
  | { readonly kind: 'porosity out of reach'; readonly low: number; readonly high: number }
  /** Fewer pores than expected, yet more air, or the reverse: one of the two was read wrongly, mostly a pot that was not wet through. */
  | {
      readonly kind: 'pores and air disagree'
      readonly pores: number
      readonly air: number
      readonly expectedPores: number
      readonly expectedAir: number
    }
  /** The drain test does not decide the suction scale, so only its speed was taken: a further reading would. */
  | { readonly kind: 'drain undecided'; readonly further: string | null }
  /** With the pores that were measured no speed lets water run as it did: it found another way. */
  | { readonly kind: 'drain does not fit' }

export interface SampleCalibration extends Hydraulics {
  /** Which tests were taken up. */
  readonly from: readonly ('porosity' | 'drain')[]
  readonly doubts: readonly CalibrationDoubt[]
}

/** Points by which pores and air have to differ in opposite ways to be doubted. */
const ODD_PORES = 0.08
const ODD_AIR = 0.03

/** Times off by half on average are no longer the error of a clock and a cup. */
const LARGEST_MISFIT = 0.4

/**
 * What a sample's tests make of the curve and conductivity its composition lets expect. A porosity test bends the curve
 * first, and a drain test then has only the speed to find; alone it has to find the suction scale as well. Where it does
 * not decide that, the scale stays as it was expected, the speed is what fits with it, and the doubt is told.
 * @returns null where no test could be taken up
 * @throws DomainError for impossible tests
 */
export function calibrateSample({
  prior,
  porosity,
  drain,
}: {
  prior: Hydraulics
  porosity: PorosityMade | null
  drain: DrainMade | null
}): SampleCalibration | null {
  const doubts: CalibrationDoubt[] = []
  const from: ('porosity' | 'drain')[] = []
  let { curve, ksCmPerS } = prior
  if (porosity) {
    const { columnShape, fillHeightCm, readings } = porosity
    const bent = calibrateFromPorosity({ prior: curve, columnShape, fillHeightCm, ...readings })
    if (bent.feasible) {
      const odd = oddPores(curve, porosity)
      if (odd) doubts.push(odd)
      curve = bent.curve
      from.push('porosity')
    } else {
      const [low, high] = bent.range
      doubts.push({ kind: 'porosity out of reach', low, high })
    }
  }
  if (drain) {
    const { column, pourS, observation } = drain
    const whole = from.includes('porosity')
      ? null
      : learnFromDrain({ curve, ksCmPerS }, column, { pourS }, observation)
    if (whole?.converged) {
      ;({ curve, ksCmPerS } = whole)
      from.push('drain')
    } else {
      if (whole) doubts.push({ kind: 'drain undecided', further: whole.further })
      const fit = fitSpeed({ curve, ksCmPerS }, column, { pourS }, observation)
      if (fit.misfit > LARGEST_MISFIT) doubts.push({ kind: 'drain does not fit' })
      else {
        ksCmPerS = fit.ksCmPerS
        from.push('drain')
      }
    }
  }
  return from.length === 0 && doubts.length === 0 ? null : { curve, ksCmPerS, from, doubts }
}

function oddPores(
  curve: Hydraulics['curve'],
  { columnShape: shape, fillHeightCm, readings: { totalPorosity, waterFraction } }: PorosityMade,
): CalibrationDoubt | null {
  const expectedAir = containerCapacity({ curve, shape, fillHeightCm }).airFraction
  const air = totalPorosity - waterFraction
  const pores = totalPorosity - curve.thetaS
  const isOdd =
    Math.abs(pores) > ODD_PORES &&
    Math.abs(air - expectedAir) > ODD_AIR &&
    Math.sign(pores) !== Math.sign(air - expectedAir)
  return isOdd
    ? {
        kind: 'pores and air disagree',
        pores: totalPorosity,
        air,
        expectedPores: curve.thetaS,
        expectedAir,
      }
    : null
}
