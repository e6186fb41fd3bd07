import { heightForVolume } from '../../containers'
import { DomainError } from '../../errors'
import { containerCapacity } from '../../media'
import type { BenchExpected, TestKit } from '../benchTypes'
import { expectedDrain, type Hydraulics } from '../columnRun'
import type { TestKind } from '../testKinds'

/** What a test would show by the sample's composition; null where nothing can be told. */
export function expectedOf(kind: TestKind, prior: Hydraulics, kit: TestKit): BenchExpected | null {
  try {
    if (kind === 'drain') {
      const column = { shape: kit.columnShape, mixLitres: kit.mixLitres }
      return { ...expectedDrain(prior, column, kit), airFraction: null }
    }
    if (kind === 'porosity') {
      const shape = kit.porosityShape
      const { airFraction } = containerCapacity({
        curve: prior.curve,
        shape,
        fillHeightCm: heightForVolume({ shape, litres: kit.porosityLitres }),
      })
      return { firstDripS: null, markS: null, drainedMl: null, airFraction }
    }
  } catch (error) {
    // A column the mix does not fit, or a fill that cannot be worked out: the test can still be made.
    if (!(error instanceof DomainError)) throw error
  }
  return null
}
