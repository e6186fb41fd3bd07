import { expectedOf } from '../../core/bench'
import { readBenchTest, readKit, startTest } from '../../data/bench'
import { readSite } from '../../data/site'
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
    expected: facts.present ? expectedOf(kind, facts.present, kit, facts.components) : null,
    at,
  })
}
