import { type Column, type ColumnPour, expectedDrain, type Hydraulics } from './columnRun'
import type { DrainObservation } from './drainReadings'

export interface SpeedFit {
  readonly ksCmPerS: number
  /** Root mean square of the logarithms of simulated over observed. */
  readonly misfit: number
}

/** How far from the prior the speed may lie, in logarithms. */
const FARTHEST = Math.log(200)
const GRID = 9
const SQUEEZES = 10
const GOLDEN = (Math.sqrt(5) - 1) / 2
/** A time a simulation never reaches counts as so many times the length of the test. */
const NEVER = 3

/**
 * The conductivity of a mix whose curve is known, from how water ran through its column: a grid in ln Ks, then the
 * golden section between the neighbours of the best (Kiefer 1953).
 * @throws DomainError where the mix does not fit its column
 */
export function fitSpeed(
  { curve, ksCmPerS }: Hydraulics,
  column: Column,
  { pourS }: Pick<ColumnPour, 'pourS'>,
  { pouredMl, markMl, endS, firstDripS, markS, drainedMl }: DrainObservation,
): SpeedFit {
  const pour = { pouredMl, pourS, markMl, endS }
  const misfitAt = (lnRatio: number): number => {
    const run = expectedDrain({ curve, ksCmPerS: ksCmPerS * Math.exp(lnRatio) }, column, pour)
    const time = (simulated: number | null, observed: number) =>
      Math.log(Math.max(0.5, simulated ?? NEVER * endS) / Math.max(0.5, observed))
    const residuals = [
      ...(firstDripS === null ? [] : [time(run.firstDripS, firstDripS)]),
      ...(markS === null ? [] : [time(run.markS, markS)]),
      Math.log((run.drainedMl + 1) / (drainedMl + 1)),
    ]
    return Math.sqrt(residuals.reduce((sum, one) => sum + one * one, 0) / residuals.length)
  }
  const step = (2 * FARTHEST) / (GRID - 1)
  const grid = Array.from({ length: GRID }, (_, i) => {
    const at = -FARTHEST + i * step
    return { at, misfit: misfitAt(at) }
  })
  const best = grid.reduce((least, one) => (one.misfit < least.misfit ? one : least))
  let [low, high] = [best.at - step, best.at + step]
  let [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)]
  let [atA, atB] = [misfitAt(a), misfitAt(b)]
  for (let i = 0; i < SQUEEZES; i++) {
    if (atA < atB) {
      high = b
      ;[b, atB] = [a, atA]
      a = high - GOLDEN * (high - low)
      atA = misfitAt(a)
    } else {
      low = a
      ;[a, atA] = [b, atB]
      b = low + GOLDEN * (high - low)
      atB = misfitAt(b)
    }
  }
  const [lnRatio, misfit] = atA < atB ? [a, atA] : [b, atB]
  return { ksCmPerS: ksCmPerS * Math.exp(lnRatio), misfit }
}
