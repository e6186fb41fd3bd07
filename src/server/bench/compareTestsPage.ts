import type { TestKind } from '../../core/bench'
import {
  type BenchTest,
  listTestsOf,
  readSampleNames,
  type Sample,
  sampleKey,
} from '../../data/bench'
import { readSite } from '../../data/site'
import type { CompareTestsPage } from '../../messages/bench/benchViews'
import type { CompareTestsQuery } from '../../messages/bench/tests'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { sampleChoices } from './sampleChoices'
import { newestSet, sampleOfKey } from './samplesOfKeys'
import { spreadViews } from './views'

/** The newest runs of two samples in the same test, value by value. */
export async function compareTestsPage(
  db: OpenDatabase,
  { a = '', b = '', test }: CompareTestsQuery,
): Promise<CompareTestsPage> {
  const { timeZone } = await readSite(db)
  const [one, two] = [sampleOfKey(a), sampleOfKey(b)]
  const named = await readSampleNames(
    db,
    [one, two].filter((sample) => sample !== null),
  )
  const nameOf = (sample: Sample | null) => (sample ? (named.get(sampleKey(sample)) ?? '') : '')
  const [mine, theirs] = [await finishedOf(db, one), await finishedOf(db, two)]
  const kinds = [...new Set(mine.map(({ kind }) => kind))].filter((kind) =>
    theirs.some((other) => other.kind === kind),
  )
  const kind: TestKind | null = test && kinds.includes(test) ? test : (kinds[0] ?? null)
  // Which of two ran beside which does not matter here.
  const own = newestSet(mine, kind).map((run) => ({ ...run, isReference: false }))
  const other = newestSet(theirs, kind).map((run) => ({ ...run, isReference: true }))
  const day = (runs: readonly BenchTest[]) => (runs[0] ? dayAt(timeZone, runs[0].startedAt) : null)
  return {
    samples: await sampleChoices(db, '', a),
    chosen: [one ? a : '', two ? b : ''],
    names: [nameOf(one), nameOf(two)],
    kinds,
    kind,
    runs: [own.length, other.length],
    onDays: [day(own), day(other)],
    spreads: spreadViews([...own, ...other]),
  }
}

async function finishedOf(db: OpenDatabase, sample: Sample | null): Promise<BenchTest[]> {
  if (!sample) return []
  const tests = await listTestsOf(db, sample)
  return tests.filter(({ outcome }) => outcome !== null)
}
