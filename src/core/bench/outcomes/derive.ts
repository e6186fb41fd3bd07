import type { Amendment, Crop } from '../../chemistry'
import type {
  BenchExpected,
  BenchOutcome,
  HeatProblem,
  SamplePot,
  SampleReading,
  TestKit,
} from '../benchTypes'
import type { DrainMade, PorosityMade } from '../calibrateSample'
import type { Hydraulics } from '../columnRun'
import type { Observation, Observations } from '../observations'
import type { PenCalibration } from '../penTrust'
import type { TestKind } from '../testKinds'
import { chemistryDerivations } from './deriveChemistry'
import { growthDerivations } from './deriveGrowth'
import { handDerivations } from './deriveHand'
import { waterDerivations } from './deriveWater'

/** What a test was made with and on. */
export interface TestContext {
  readonly kit: TestKit
  readonly expected: BenchExpected | null
  readonly prior: Hydraulics | null
  readonly pot: SamplePot | null
  /** What lies at the bottom of a layer demonstration. */
  readonly bottom: (Hydraulics & { readonly entryCm?: number | null }) | null
  readonly crop: Crop | null
  /** Of the pen that was used; null where it was never calibrated, or none was named. */
  readonly penCalibration: PenCalibration | null
  readonly amendment: Amendment | null
  readonly problem: HeatProblem | null
}

/** What a test came to, and what follows from it for its sample. */
export interface Derived {
  readonly outcome: BenchOutcome
  readonly measurements?: readonly SampleReading[]
  readonly porosity?: PorosityMade
  readonly drain?: DrainMade
}

/** Turns what was observed in each kind of test into what it came to. */
export type Derivations = {
  readonly [Kind in TestKind]: (observed: Observations[Kind], context: TestContext) => Derived
}

const derivations: Derivations = {
  ...waterDerivations,
  ...handDerivations,
  ...chemistryDerivations,
  ...growthDerivations,
}

/**
 * What a test's observation came to: values, verdicts and what its sample learns.
 * @param observation its shape checked before
 * @throws DomainError for what cannot be, with the field in its details
 */
export function derive<Kind extends TestKind>(
  observation: Observation<Kind>,
  context: TestContext,
): Derived {
  return derivations[observation.kind](observation, context)
}
