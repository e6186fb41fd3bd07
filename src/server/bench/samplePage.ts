import { changeOverInnings } from '../../core/bench'
import { containerCapacity } from '../../core/media'
import {
  type BenchTest,
  listCalibrationsOf,
  listSetAside,
  listTestsOf,
  readSampleNames,
  type Sample,
  sampleKey,
} from '../../data/bench'
import { readSite } from '../../data/site'
import type { HistorySeries, SamplePage } from '../../messages/bench/benchViews'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { readTables } from '../tables'
import { CORRECTED } from './finishBenchTest'
import { presentCalibration } from './presentCalibration'
import { type SampleFacts, sampleFacts } from './sampleFacts'
import { calibrationView, runViews } from './views'

const CM_PER_MIN = 60

/** All tests of a sample, and how its values have moved over time and innings. */
export async function samplePage(db: OpenDatabase, sample: Sample): Promise<SamplePage> {
  const { timeZone } = await readSite(db)
  const facts = await sampleFacts(db, await readTables(db, timeZone), sample)
  const tests = (await listTestsOf(db, sample)).filter(({ endedAt }) => endedAt !== null)
  const calibration = await presentCalibration(db, sample)
  const setAside = await listSetAside(db, sample)
  const names = await readSampleNames(db, [sample])
  const nameOf = (test: BenchTest) => names.get(sampleKey(test.sample)) ?? facts.view.name
  const setIds = [...new Set(tests.map((test) => test.setId ?? test.id))]
  const { crop } = facts
  return {
    sample: facts.view,
    crop: crop && {
      name: crop.name,
      airMin: crop.airMinPercent / 100,
      airMax: crop.airMaxPercent / 100,
      pHLow: crop.pHLow,
      pHHigh: crop.pHHigh,
      ecMaxSme: crop.ecMaxSme,
    },
    potName: facts.pot?.name ?? null,
    calibration: calibration && calibrationView(calibration, facts, timeZone),
    setAside: setAside.map(({ id, kind, startedAt, setAsideFor, outcome }) => ({
      id,
      kind,
      startedOn: dayAt(timeZone, startedAt),
      reason: setAsideFor ?? '',
      corrected: setAsideFor === CORRECTED,
      verdicts: outcome?.verdicts ?? [],
    })),
    series: await seriesOf(db, facts, tests, timeZone),
    sets: setIds.flatMap((setId) => {
      const runs = tests.filter((test) => (test.setId ?? test.id) === setId)
      const [newest] = runs
      return newest
        ? [
            {
              setId,
              kind: newest.kind,
              startedOn: dayAt(timeZone, newest.startedAt),
              innings: newest.innings,
              runs: runViews(runs, nameOf, timeZone),
            },
          ]
        : []
    }),
  }
}

/** Results of different kits meet only through the model: as the air in the pot, and as conductivity. */
async function seriesOf(
  db: OpenDatabase,
  { pot, sample }: SampleFacts,
  tests: readonly BenchTest[],
  timeZone: string,
): Promise<HistorySeries[]> {
  const inOrder = [...tests].reverse()
  const own = [...(await listCalibrationsOf(db, sample))].reverse()
  // A calibration stands with the run it was made after; of repeats the last counts, which holds the mean of all.
  const calibrated = (of: 'porosity' | 'drain', value: (one: (typeof own)[number]) => number) => {
    const bySet = new Map<number, HistorySeries['points'][number]>()
    for (const one of own) {
      const run = tests.find(({ id }) => id === one.testIds[0])
      if (!run || run.kind !== of || !one.from.includes(of)) continue
      bySet.set(run.setId ?? run.id, {
        on: dayAt(timeZone, one.at),
        innings: run.innings,
        value: value(one),
        uncertain: false,
      })
    }
    return [...bySet.values()]
  }
  const read = (name: string) =>
    inOrder.flatMap(({ outcome, startedAt, innings }) => {
      const found = outcome?.values.find((one) => one.name === name)
      const uncertain =
        name === 'ph' && (outcome?.verdicts.some(({ id }) => id === 'pen.uncertain') ?? false)
      return found
        ? [{ on: dayAt(timeZone, startedAt), innings, value: found.value, uncertain }]
        : []
    })
  const series: Omit<HistorySeries, 'change'>[] = [
    {
      name: 'airInPot',
      unit: 'share',
      points: pot
        ? calibrated(
            'porosity',
            ({ measured }) =>
              containerCapacity({
                curve: measured.curve,
                shape: pot.shape,
                fillHeightCm: pot.fillHeightCm,
              }).airFraction,
          )
        : [],
    },
    {
      name: 'conductivity',
      unit: 'cm/min',
      points: calibrated('drain', ({ measured }) => measured.ksCmPerS * CM_PER_MIN),
    },
    { name: 'ph', unit: 'pH', points: read('ph') },
    { name: 'ecSme', unit: 'dS/m', points: read('ecSme') },
    { name: 'buffer', unit: 'g/L', points: read('buffer') },
  ]
  return series
    .filter(({ points }) => points.length > 0)
    .map((one) => ({
      ...one,
      change:
        one.name === 'ph'
          ? null
          : changeOverInnings(
              one.points.flatMap(({ innings, value }) =>
                innings === null ? [] : [{ innings, value }],
              ),
            ),
    }))
}
