import { type BenchTest, listBenchTests } from '../../data/bench/benchTests'
import { listPens } from '../../data/bench/pens'
import { readSite } from '../../data/site/site'
import type { BenchPage, SampleView } from '../../messages/bench/benchViews'
import type { BenchQuery } from '../../messages/bench/tests'
import type { OpenDatabase } from '../database'
import { readTables } from '../tables'
import { sampleFacts } from './sampleFacts'
import { sampleChoices } from './testPage'
import { penView, testRow } from './views'

const MOST = 60

/** What is running, what can be tested, and what was tested last. */
export async function benchPage(
  db: OpenDatabase,
  { lot, mix, material }: BenchQuery,
  at: Date,
): Promise<BenchPage> {
  const { timeZone } = await readSite(db)
  const tables = await readTables(db, timeZone)
  const tests = (await listBenchTests(db)).slice(0, MOST)
  const samples = new Map<string, SampleView>()
  const viewOf = async ({ sample }: BenchTest): Promise<SampleView> => {
    const key = `${sample.kind}:${sample.id}`
    const known = samples.get(key) ?? (await sampleFacts(db, tables, sample)).view
    samples.set(key, known)
    return known
  }
  const rows = []
  for (const test of tests) rows.push(testRow(test, await viewOf(test), timeZone))
  const chosen =
    lot !== undefined
      ? `lot:${lot}`
      : mix !== undefined
        ? `mix:${mix}`
        : material
          ? `material:${material}`
          : ''
  return {
    running: rows.filter(({ endedAt }) => endedAt === null),
    finished: rows.filter(({ endedAt }) => endedAt !== null),
    samples: await sampleChoices(db),
    chosen,
    pens: (await listPens(db)).map((pen) => penView(pen, at, timeZone)),
  }
}
