import {
  DEFAULT_KIT,
  type Derived,
  derive,
  expectedOf,
  type Hydraulics,
  learn,
  type TestContext,
} from '../../core/bench'
import { blendMedia, type Component, contentsOf, type Material } from '../../core/media'
import { DAY_MS } from '../../core/units'
import { finishTest, startTest } from '../bench/benchTests'
import { addCalibration, addPen, listPens, type Pen } from '../bench/pens'
import { listTestsOf } from '../bench/readBenchTests'
import { addSampleCalibration } from '../bench/sampleCalibrations'
import { listContainers, type StoredContainer } from '../containers/containers'
import type { Database } from '../database'
import { addMeasurement } from '../media/lots'
import { lots } from '../media/lotTables'
import { materialsById } from '../media/materials'
import { type Lot, readLot } from '../media/readLots'
import { listCrops } from '../season/crops'
import { BENCH, type DemoTest, PENS } from './demoBench'

const BUFFERS = [4.01, 7] as const

interface Garden {
  readonly lots: readonly Lot[]
  readonly materials: ReadonlyMap<string, Material>
  readonly crops: Awaited<ReturnType<typeof listCrops>>
  readonly containers: readonly StoredContainer[]
  readonly pens: readonly Pen[]
}

/** Tests of the made-up lots over their innings, worked out as they would have been on the bench. */
export async function seedBench(db: Database, now: Date): Promise<void> {
  for (const { name, calibrations } of PENS) {
    const id = await addPen(db, name, before(now, 60))
    for (const { daysAgo, tempC, millivolts } of calibrations) {
      const buffers = BUFFERS.map((ph, i) => ({ ph, millivolts: millivolts[i] ?? 0 }))
      await addCalibration(db, id, { at: before(now, daysAgo), tempC, buffers })
    }
  }
  const garden = {
    lots: await allLots(db),
    materials: await materialsById(db),
    crops: await listCrops(db),
    containers: await listContainers(db),
    pens: await listPens(db),
  }
  let first = 0
  for (const test of BENCH) {
    const id = await seedTest(
      db,
      garden,
      test,
      test.repeats ? first : null,
      before(now, test.daysAgo),
    )
    if (!test.repeats) first = id
  }
}

async function seedTest(
  db: Database,
  garden: Garden,
  { lot: name, kind, innings, judge = '', pen, observation }: DemoTest,
  setId: number | null,
  at: Date,
): Promise<number> {
  const lot = garden.lots.find((one) => one.name === name)
  if (!lot) throw new Error(`The demo has no lot ${name}.`)
  const sample = { kind: 'lot', id: lot.id } as const
  const prior = priorAt(lot, garden, at)
  const expected = prior
    ? expectedOf(kind, prior, DEFAULT_KIT, componentsAt(lot, garden, at))
    : null
  const id = await startTest(db, {
    kind,
    sample,
    setId,
    isReference: false,
    innings,
    place: '',
    judge,
    kit: DEFAULT_KIT,
    expected,
    at,
  })
  if (!observation) return id
  const penId = pen === undefined ? null : (garden.pens[pen]?.id ?? null)
  const kept = observation.kind === 'phEc' ? { ...observation, penId } : observation
  const derived = derive(kept, contextOf(lot, garden, { prior, expected, penId, innings, at }))
  const others = (await listTestsOf(db, sample)).filter(
    (one) => one.endedAt !== null && one.innings === innings,
  )
  const learnt = prior && learn(derived, prior, { id, kind, setId }, others)
  await finishTest(
    db,
    id,
    { observation: kept, outcome: derived.outcome, place: '', judge, note: '', water: null, at },
    async (tx) => {
      await keepReadings(tx, lot.id, derived, at)
      if (learnt && prior) {
        const { curve, ksCmPerS, from, doubts, testIds } = learnt
        const measured = { curve, ksCmPerS }
        await addSampleCalibration(tx, sample, { at, testIds, from, prior, measured, doubts })
      }
    },
  )
  return id
}

async function allLots(db: Database): Promise<Lot[]> {
  const all: Lot[] = []
  for (const { id } of await db.select({ id: lots.id }).from(lots)) all.push(await readLot(db, id))
  return all
}

async function keepReadings(
  tx: Database,
  lotId: number,
  { measurements = [] }: Derived,
  at: Date,
): Promise<void> {
  for (const one of measurements) await addMeasurement(tx, lotId, { ...one, at })
}

/** By what the ledger held then. */
function componentsAt({ ledger }: Lot, { materials }: Garden, at: Date): Component[] {
  const then = contentsOf(ledger.filter((entry) => entry.at <= at))
  return then.components.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId)
    return material ? [{ material, parts: litres }] : []
  })
}

function priorAt(lot: Lot, garden: Garden, at: Date): Hydraulics | null {
  const components = componentsAt(lot, garden, at)
  if (components.length === 0) return null
  const { curve, ksCmPerS } = blendMedia({ components })
  return { curve, ksCmPerS }
}

function contextOf(
  lot: Lot,
  { crops, containers, pens }: Garden,
  {
    prior,
    expected,
    penId,
    innings,
    at,
  }: Pick<TestContext, 'prior' | 'expected'> & { penId: number | null; innings: number; at: Date },
): TestContext {
  const cropId = lot.innings.find(({ number }) => number === innings)?.cropId
  const container = containers.find(({ id }) => lot.containerIds.includes(id))
  const calibration = pens.find(({ id }) => id === penId)?.calibrations.find((one) => one.at <= at)
  return {
    kit: DEFAULT_KIT,
    prior,
    expected,
    pot: container
      ? { name: container.name, shape: container.shape, fillHeightCm: container.fillHeightCm }
      : null,
    crop: crops.find(({ id }) => id === cropId) ?? null,
    penCalibration: calibration
      ? {
          buffers: calibration.buffers,
          tempC: calibration.tempC,
          daysAgo: (at.getTime() - calibration.at.getTime()) / DAY_MS,
        }
      : null,
    bottom: null,
    amendment: null,
    problem: null,
  }
}

function before(now: Date, days: number): Date {
  return new Date(now.getTime() - days * DAY_MS)
}
