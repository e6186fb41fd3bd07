import type { ContainerShape } from '../../containers'
import { DomainError } from '../../errors'
import { requireNumber, requireObject } from '../../validate'
import type { InitialState, Pour } from '../drainage/drainageInput'
import { type Drainage, simulateDrainage } from '../drainage/simulateDrainage'
import { type RetentionCurve, requireCurve } from '../retention'
import type { Place } from './descend'

/** Water poured through a column of a mix, what was read, and what its composition lets expect. */
export interface DrainTest {
  readonly prior: { readonly curve: RetentionCurve; readonly ksCmPerS: number }
  readonly column: {
    readonly shape: ContainerShape
    readonly fillHeightCm: number
    readonly headspaceCm: number
    readonly initial: InitialState
  }
  readonly pour: Pour
  readonly endS: number
  /** null where nothing dripped. */
  readonly firstDripS: number | null
  /** Volumes run out and when, mL and s. */
  readonly timeToMl: readonly (readonly [ml: number, s: number])[]
  readonly endDrainedMl: number
}

/** How finely a simulation is worked out: for the search roughly, for the answer exactly. */
export interface Fidelity {
  readonly fineness: number
  readonly tolerance: number
}

/** A time that a simulation never reaches counts as so many times the length of the test. */
const NEVER = 3

/**
 * Readings of a simulated test against those observed, as differences of logarithms: a minute too late at two counts as
 * much as five at ten. In the order: first drip, times to volumes, volume in the end.
 * @param at ln Ks and ln alpha
 */
export function residualsOf(test: DrainTest, at: Place, fidelity: Fidelity): number[] {
  const run = simulate(test, at, fidelity)
  const never = NEVER * test.endS
  const time = (simulated: number | null, observed: number) =>
    Math.log(Math.max(0.5, simulated ?? never) / Math.max(0.5, observed))
  return [
    ...(test.firstDripS === null ? [] : [time(run.firstDripS, test.firstDripS)]),
    ...test.timeToMl.map(([ml, s]) => time(run.timeToMl(ml), s)),
    Math.log((run.drainedMl + 1) / (test.endDrainedMl + 1)),
  ]
}

function simulate(
  { prior, column, pour, endS }: DrainTest,
  [lnKs, lnAlpha]: Place,
  fidelity: Fidelity,
): Drainage {
  return simulateDrainage({
    shape: column.shape,
    layers: [
      {
        thicknessCm: column.fillHeightCm,
        curve: { ...prior.curve, alpha: Math.exp(lnAlpha) },
        ksCmPerS: Math.exp(lnKs),
      },
    ],
    headspaceCm: column.headspaceCm,
    pours: [pour],
    initial: column.initial,
    endS,
    ...fidelity,
  })
}

/** @throws DomainError for what cannot have been read, or a test with fewer than two readings */
export function requireDrainTest({
  prior,
  column,
  pour,
  endS,
  firstDripS,
  timeToMl,
  endDrainedMl,
}: DrainTest): void {
  requireObject('The prior', prior)
  requireObject('The column', column)
  requireCurve(prior.curve)
  requireNumber('The conductivity in cm/s', prior.ksCmPerS, { above: 0 })
  requireNumber('The fill height in cm', column.fillHeightCm, { above: 0 })
  requireNumber('The end of the test in s', endS, { above: 0 })
  requireNumber('The volume in the end', endDrainedMl, { min: 0 })
  if (endDrainedMl > pour.millilitres * 1.5 + 1000) {
    throw new DomainError('out-of-range', 'Far more ran out than was poured.', {
      field: 'endDrainedMl',
    })
  }
  let before = 0
  for (const [ml, s] of timeToMl) {
    requireNumber('The volume run out', ml, { above: 0 })
    requireNumber('The time of a volume', s, { min: 0, max: endS })
    if (s < before) {
      throw new DomainError('bad-argument', 'The times of a drain test must rise.', {
        field: 'timeToMl',
      })
    }
    before = s
  }
  if (firstDripS !== null) requireNumber('The first drip', firstDripS, { min: 0, max: endS })
  if (timeToMl.length + (firstDripS === null ? 0 : 1) < 1) {
    throw new DomainError('too-few', 'Note the first drip or the time to a volume as well.')
  }
}
