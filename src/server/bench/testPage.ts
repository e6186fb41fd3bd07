import {
  type BenchTest,
  listPens,
  listTestsById,
  readBenchTest,
  readRunBefore,
  readSampleNames,
  readSet,
  sampleKey,
} from '../../data/bench'
import { listProblems } from '../../data/season'
import { readSite } from '../../data/site'
import type { TestPage, TestState } from '../../messages/bench/benchViews'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { readTables } from '../tables'
import { presentCalibration } from './presentCalibration'
import { sampleChoices } from './sampleChoices'
import { sampleFacts } from './sampleFacts'
import { calibrationView, momentView, penView, runViews, spreadViews } from './views'

/** A test as its guided screen shows it, running or finished. */
export async function testPage(db: OpenDatabase, id: number, at: Date): Promise<TestPage> {
  const test = await readBenchTest(db, id)
  const site = await readSite(db)
  const { timeZone } = site
  const tables = await readTables(db, timeZone)
  const facts = await sampleFacts(db, tables, test.sample)
  const set = await readSet(db, test)
  const names = await readSampleNames(
    db,
    set.map(({ sample }) => sample),
  )
  const nameOf = ({ sample }: BenchTest) => names.get(sampleKey(sample)) ?? facts.view.name
  const calibration = await presentCalibration(db, test.sample)
  return {
    ...stateOf(test, at),
    id,
    kind: test.kind,
    sample: facts.view,
    isReference: test.isReference,
    runNumber: set.filter((one) => one.isReference === test.isReference && one.id <= id).length,
    startedOn: dayAt(timeZone, test.startedAt),
    place: test.place,
    judge: test.judge,
    note: test.note,
    kit: test.kit,
    expected: test.expected,
    draft: test.draft,
    observation: test.observation,
    corrects: test.correctsId === null ? null : await correctedBy(db, test.correctsId),
    outcome: test.outcome,
    last: await lastOf(db, test, timeZone),
    runs: runViews(set, nameOf, timeZone),
    spreads: spreadViews(set, facts.crop, test.isReference),
    calibration:
      calibration && test.outcome && calibration.testIds.includes(id)
        ? calibrationView(calibration, facts, timeZone)
        : null,
    problems: (await listProblems(db)).map((one) => ({
      id: one.id,
      name: one.name,
      tempC: one.heatC,
      minutes: one.heatMinutes,
      caution: one.caution,
    })),
    pens: (await listPens(db)).map((pen) => penView(pen, at, timeZone)),
    amendments: [...tables.amendments.values()]
      .filter(({ cce }) => cce !== 0)
      .map((one) => ({ id: one.id, name: one.name })),
    materials: [...tables.materials.values()].map((one) => ({ id: one.id, name: one.name })),
    samples: await sampleChoices(db, ''),
    tapWater: site.tapWater,
    water: test.water,
  }
}

/** What a running screen asks for again and again. */
export async function testState(db: OpenDatabase, id: number, at: Date): Promise<TestState> {
  return stateOf(await readBenchTest(db, id), at)
}

function stateOf(test: BenchTest, at: Date): TestState {
  return {
    moments: test.moments.map(momentView),
    endedAt: test.endedAt?.toISOString() ?? null,
    now: at.toISOString(),
  }
}

/** Answers of the test that is put right; null once it was set aside. */
async function correctedBy(db: OpenDatabase, id: number): Promise<TestPage['corrects']> {
  const [test] = await listTestsById(db, [id])
  return test?.observation && test.thrownAwayAt === null
    ? { id, observation: test.observation, note: test.note }
    : null
}

/** The finished run before, of the same kind on the same sample. */
async function lastOf(
  db: OpenDatabase,
  test: BenchTest,
  timeZone: string,
): Promise<TestPage['last']> {
  const before = await readRunBefore(db, test)
  return before?.observation
    ? { observation: before.observation, on: dayAt(timeZone, before.startedAt) }
    : null
}
