import {
  type BenchOutcome,
  type Derived,
  derive,
  learn,
  type PenCalibration,
  type TestContext,
  withClock,
} from '../../core/bench'
import { containerCapacity, type Material } from '../../core/media'
import { DAY_MS } from '../../core/units'
import {
  addSampleCalibration,
  type BenchTest,
  finishTest,
  listPens,
  listTestsOf,
  readBenchTest,
  rememberPen,
  throwTestAway,
} from '../../data/bench'
import type { Database } from '../../data/database'
import { addMeasurement } from '../../data/media'
import { listProblems } from '../../data/season'
import { readSite } from '../../data/site'
import type { FinishBody } from '../../messages/bench/observations'
import type { OpenDatabase } from '../database'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { type SampleFacts, sampleFacts } from './sampleFacts'

/** Why a test is set aside by another that puts its answers right. */
export const CORRECTED = 'corrected'

function bottomOf(id: string, materials: ReadonlyMap<string, Material>): TestContext['bottom'] {
  const material = materials.get(id)
  if (!material) {
    const message = 'There is no such material in the list.'
    throw new Refused(422, 'not-valid', message, [{ field: 'bottomMaterialId', message }])
  }
  return {
    curve: material.curve,
    ksCmPerS: material.ksCmPerS,
    entryCm: material.entryCm ?? null,
  }
}

/**
 * Ends a test: works out what it came to, keeps what was observed, and lets the sample learn from it. All of that is
 * written, or nothing.
 */
export async function finishBenchTest(
  db: OpenDatabase,
  id: number,
  { observation: entered, ...words }: FinishBody,
  at: Date,
): Promise<BenchOutcome> {
  const test = await readBenchTest(db, id)
  if (entered.kind !== test.kind) {
    throw new Refused(422, 'not-valid', 'These are the answers of another test.')
  }
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const facts = await sampleFacts(db, tables, test.sample)
  const observation = withClock(entered, test.moments)
  const context: TestContext = {
    kit: test.kit,
    expected: test.expected,
    prior: facts.prior,
    pot: facts.pot,
    crop: facts.crop,
    bottom:
      observation.kind === 'layers'
        ? bottomOf(observation.bottomMaterialId, tables.materials)
        : null,
    penCalibration:
      observation.kind === 'phEc' ? await penCalibrationOf(db, observation.penId, at) : null,
    amendment:
      observation.kind === 'jar' ? (tables.amendments.get(observation.amendmentId) ?? null) : null,
    problem: observation.kind === 'heat' ? await problemOf(db, observation.problemId) : null,
  }
  const derived = derive(observation, context)
  const learnt = await learnFrom(db, derived, test, facts)
  const outcome = toldInPot(derived.outcome, learnt, facts)
  await finishTest(db, id, { observation, outcome, at, ...words }, async (tx) => {
    if (test.correctsId !== null) await throwTestAway(tx, test.correctsId, at, CORRECTED)
    await keepMeasurements(tx, test, derived)
    if (observation.kind === 'phEc' && observation.penId !== null) {
      await rememberPen(tx, observation.penId, observation.compensated)
    }
    if (learnt && facts.prior) {
      const { curve, ksCmPerS, from, doubts, testIds } = learnt
      await addSampleCalibration(tx, test.sample, {
        at,
        testIds,
        from,
        prior: facts.prior,
        measured: { curve, ksCmPerS },
        doubts,
      })
    }
  })
  return outcome
}

/** A porosity test tells the air of its own small pot; what grows asks for that of the pot it stands in. */
function toldInPot(
  outcome: BenchOutcome,
  learnt: Awaited<ReturnType<typeof learnFrom>>,
  { pot }: SampleFacts,
): BenchOutcome {
  if (!learnt || !pot) return outcome
  const { shape, fillHeightCm } = pot
  const air = containerCapacity({ curve: learnt.curve, shape, fillHeightCm }).airFraction
  return {
    ...outcome,
    verdicts: outcome.verdicts.map((verdict) => {
      if (verdict.id !== 'air.elsewhere') return verdict
      const isShort = air < Number(verdict.told.airMin)
      return {
        ...verdict,
        tone: isShort ? 'act' : 'ok',
        told: { ...verdict.told, air, pot: pot.name },
      }
    }),
  }
}

async function learnFrom(
  db: OpenDatabase,
  derived: Derived,
  test: BenchTest,
  { prior, innings }: SampleFacts,
) {
  if (!prior) return null
  const others = (await listTestsOf(db, test.sample)).filter(
    (one) =>
      one.id !== test.id &&
      one.id !== test.correctsId &&
      one.endedAt !== null &&
      one.innings === innings,
  )
  return learn(derived, prior, test, others)
}

async function keepMeasurements(
  tx: Database,
  { id, sample, startedAt }: BenchTest,
  { measurements = [] }: Derived,
): Promise<void> {
  if (sample.kind !== 'lot') return
  for (const measured of measurements) {
    // Of the mix as it was when the sample was taken, however long its jars stood.
    await addMeasurement(tx, Number(sample.id), { ...measured, at: startedAt, testId: id })
  }
}

async function penCalibrationOf(
  db: OpenDatabase,
  penId: number | null,
  at: Date,
): Promise<PenCalibration | null> {
  if (penId === null) return null
  const pen = (await listPens(db)).find((one) => one.id === penId)
  if (!pen) {
    const message = 'There is no such pen: choose one from the list, or none.'
    throw new Refused(422, 'not-valid', message, [{ field: 'penId', message }])
  }
  const last = pen.calibrations.find((one) => one.at.getTime() <= at.getTime())
  if (!last) return null
  const { buffers, tempC } = last
  return { buffers, tempC, daysAgo: (at.getTime() - last.at.getTime()) / DAY_MS }
}

async function problemOf(
  db: OpenDatabase,
  problemId: string | null,
): Promise<TestContext['problem']> {
  if (problemId === null) return null
  const found = (await listProblems(db)).find(({ id }) => id === problemId)
  if (!found) {
    const message = 'There is no such problem in the list.'
    throw new Refused(422, 'not-valid', message, [{ field: 'problemId', message }])
  }
  const { id, name, heatC, heatMinutes, caution } = found
  return { id, name, tempC: heatC, minutes: heatMinutes, caution }
}
