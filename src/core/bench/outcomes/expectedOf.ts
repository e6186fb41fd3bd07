import { heightForVolume } from '../../containers'
import { DomainError } from '../../errors'
import { type Component, containerCapacity } from '../../media'
import { mediaRange } from '../../ranges'
import type { BenchExpected, TestKit } from '../benchTypes'
import { expectedDrain, type Hydraulics } from '../columnRun'
import type { TestKind } from '../testKinds'

const DRAWS = 200

/**
 * What a test would show by the sample's composition; null where nothing can be told.
 * @param components of the sample, for how sure the expectation is
 */
export function expectedOf(
  kind: TestKind,
  prior: Hydraulics,
  kit: TestKit,
  components?: readonly Component[],
): BenchExpected | null {
  try {
    if (kind === 'drain') {
      const column = { shape: kit.columnShape, mixLitres: kit.mixLitres }
      return { ...expectedDrain(prior, column, kit), airFraction: null }
    }
    if (kind === 'porosity') {
      const shape = kit.porosityShape
      const container = {
        shape,
        fillHeightCm: heightForVolume({ shape, litres: kit.porosityLitres }),
      }
      const { airFraction } = containerCapacity({ curve: prior.curve, ...container })
      const likely = components ? mediaRange({ components, container, draws: DRAWS }) : null
      return {
        firstDripS: null,
        markS: null,
        drainedMl: null,
        airFraction,
        airLikely: likely && {
          p10: likely.airFraction.p10,
          p90: likely.airFraction.p90,
        },
      }
    }
  } catch (error) {
    // A column the mix does not fit, or a fill that cannot be worked out: the test can still be made.
    if (!(error instanceof DomainError)) throw error
  }
  return null
}
