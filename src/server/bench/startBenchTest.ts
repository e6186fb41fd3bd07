import { expectedDrain, type Hydraulics, type TestKind } from '../../core/bench'
import { heightForVolume } from '../../core/containers'
import { DomainError } from '../../core/errors'
import { containerCapacity } from '../../core/media'
import type { BenchExpected, TestKit } from '../../data/bench/benchTables'
import { readBenchTest, startTest } from '../../data/bench/benchTests'
import { readKit } from '../../data/bench/kit'
import { readSite } from '../../data/site/site'
import type { StartBody } from '../../messages/bench/tests'
import type { OpenDatabase } from '../database'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { sampleFacts } from './sampleFacts'

/**
 * Begins a test on a sample: alone, as another run of a set, or as a reference beside one. What its composition lets
 * expect is kept with it, as it was then.
 */
export async function startBenchTest(
  db: OpenDatabase,
  { kind, sample, besideId, reference = false }: StartBody,
  at: Date,
): Promise<number> {
  const { timeZone } = await readSite(db)
  const facts = await sampleFacts(db, await readTables(db, timeZone), sample)
  const beside = besideId === undefined ? null : await readBenchTest(db, besideId)
  if (beside && beside.kind !== kind) {
    throw new Refused(422, 'not-valid', 'Runs beside each other have to be of the same test.')
  }
  if (
    beside &&
    !reference &&
    (beside.sample.kind !== sample.kind || String(beside.sample.id) !== String(sample.id))
  ) {
    throw new Refused(422, 'not-valid', 'A repeat is made on the same sample.')
  }
  // Repeats are only comparable with the kit of the first run.
  const kit = beside?.kit ?? (await readKit(db)).kit
  return startTest(db, {
    kind,
    sample: facts.sample,
    setId: beside ? (beside.setId ?? beside.id) : null,
    isReference: reference,
    innings: facts.innings,
    place: beside?.place ?? '',
    judge: beside?.judge ?? '',
    kit,
    expected: facts.prior ? expectedOf(kind, facts.prior, kit) : null,
    at,
  })
}

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
