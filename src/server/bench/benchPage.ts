import { listBenchTests, listPens, sampleKey } from '../../data/bench'
import { readSite } from '../../data/site'
import type { BenchPage } from '../../messages/bench/benchViews'
import type { BenchQuery } from '../../messages/bench/tests'
import type { OpenDatabase } from '../database'
import { partOf } from '../listPart'
import { readTables } from '../tables'
import { sampleChoices } from './sampleChoices'
import { sampleViews } from './sampleViews'
import { penView, testRow } from './views'

/** The newest of them; how many there are is told. */
const MOST_RUNNING = 30
const FINISHED_ROWS = 30

/** What is running, what can be tested, and what was tested last. */
export async function benchPage(
  db: OpenDatabase,
  { lot, mix, material, find = '', page, test: kind, order }: BenchQuery,
  at: Date,
): Promise<BenchPage> {
  const { timeZone } = await readSite(db)
  const tables = await readTables(db, timeZone)
  const running = await listBenchTests(db, 'running', { offset: 0, limit: MOST_RUNNING })
  const finished = await partOf(
    page,
    (at) =>
      listBenchTests(db, 'finished', {
        find,
        ...(kind ? { kind } : {}),
        ...(order ? { order } : {}),
        ...at,
      }),
    FINISHED_ROWS,
  )
  const views = await sampleViews(
    db,
    tables,
    [...running.rows, ...finished.rows].map(({ sample }) => sample),
  )
  const rowsOf = (tests: typeof running.rows) =>
    tests.flatMap((test) => {
      const view = views.get(sampleKey(test.sample))
      return view ? [testRow(test, view, timeZone)] : []
    })
  const chosen =
    lot !== undefined
      ? `lot:${lot}`
      : mix !== undefined
        ? `mix:${mix}`
        : material
          ? `material:${material}`
          : ''
  return {
    running: rowsOf(running.rows),
    runningTotal: running.total,
    finished: rowsOf(finished.rows),
    finishedPart: finished.part,
    asked: {
      find,
      page: finished.part.page,
      ...(kind ? { test: kind } : {}),
      ...(order ? { order } : {}),
    },
    samples: await sampleChoices(db, '', chosen),
    chosen,
    pens: (await listPens(db)).map((pen) => penView(pen, at, timeZone)),
  }
}
