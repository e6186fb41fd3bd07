import type { ContainerShape } from '../containers'
import { calibrateFromPorosity } from '../media'
import { type Column, type ColumnPour, type Hydraulics, learnFromDrain } from './columnRun'
import type { DrainObservation } from './drainReadings'
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
  /** The drain test fits, but does not decide: a further reading would. */
  | { readonly kind: 'drain undecided'; readonly further: string | null }

export interface SampleCalibration extends Hydraulics {
  /** Which tests were taken up. */
  readonly from: readonly ('porosity' | 'drain')[]
  readonly doubts: readonly CalibrationDoubt[]
}

/**
 * What a sample's tests make of the curve and conductivity its composition lets expect. A porosity test bends the curve
 * first; a drain test then fits conductivity, and the suction scale only where there was no porosity test, which tells
 * it better.
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
      curve = bent.curve
      from.push('porosity')
    } else {
      const [low, high] = bent.range
      doubts.push({ kind: 'porosity out of reach', low, high })
    }
  }
  if (drain) {
    const { column, pourS, observation } = drain
    const fit = learnFromDrain({ curve, ksCmPerS }, column, { pourS } as ColumnPour, observation)
    if (!fit.converged) doubts.push({ kind: 'drain undecided', further: fit.further })
    else {
      ksCmPerS = fit.ksCmPerS
      if (!from.includes('porosity')) curve = fit.curve
      from.push('drain')
    }
  }
  return from.length === 0 && doubts.length === 0 ? null : { curve, ksCmPerS, from, doubts }
}
