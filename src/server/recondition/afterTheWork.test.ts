import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { drawFrom } from '../../../testing/random'
import { close as near } from '../../../testing/tables'
import { addMeasurement, readLot, reverseEntry } from '../../data/media'
import { changeStep, createWorkOrder, readWorkOrder, undoFinish } from '../../data/recondition'
import type { IntakeAnswers } from '../../messages/recondition/answers'
import { readLotFacts } from '../lots'
import { lotPage, newEntry } from '../media'
import { readTables } from '../tables'
import { buildRecipe } from './buildRecipe'
import { finishOrder } from './finishOrder'
import { scheduleOf } from './recipePage'

const answersFor = (
  lot: number,
  crop: string,
  pots: number[],
  rest: Partial<IntakeAnswers> = {},
): IntakeAnswers => ({
  lot,
  drop: 4,
  roots: 'dense',
  side: 'no',
  crop,
  pots,
  litres: null,
  share: 0.3,
  feed: 'organic',
  every: null,
  ...rest,
})

type Garden = Awaited<ReturnType<typeof demoDatabase>>

async function orderOf(db: Garden['db'], answers: IntakeAnswers) {
  const built = await buildRecipe(db, answers, NOW)
  const { steps, readyOn } = scheduleOf(built, NOW)
  const id = await createWorkOrder(db, {
    lotId: answers.lot,
    intake: built.intake,
    recipe: built.recipe,
    steps,
    readyOn,
    at: NOW,
  })
  return { id, built }
}

const minutesLater = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000)

// The days the mix is read on are those it was made on.
before(() => {
  process.env.INNINGS_NOW = NOW.toISOString()
})
after(() => {
  delete process.env.INNINGS_NOW
})

test('after the work the lot is what its recipe said, with what was really used', async (t) => {
  const cases: readonly [lot: number, crop: string, pots: number[]][] = [
    [1, 'strawberry', [1]],
    [2, 'dwarf-bean', [2, 3]],
    [4, 'chard', [5, 6]],
    [5, 'nasturtium', [7, 8]],
  ]
  const draw = drawFrom(11)
  for (const [lot, crop, pots] of cases) {
    for (const changed of [false, true]) {
      await t.test(`lot ${lot}, ${crop}, ${changed ? 'other amounts' : 'as planned'}`, async () => {
        const { db, close } = await demoDatabase()
        try {
          // Tests of the old mix: what was made of it must be true after it as well.
          for (const [quantity, value] of [
            ['ph', 5 + 2 * draw()],
            ['ecSme', 0.5 + 3 * draw()],
          ] as const) {
            await addMeasurement(db, lot, {
              quantity,
              value,
              method: '1:2',
              at: NOW,
              readAs: null,
            })
          }
          const { id, built } = await orderOf(db, answersFor(lot, crop, pots))
          if (changed) {
            for (const step of (await readWorkOrder(db, id)).steps) {
              const actuals = Object.fromEntries(
                step.amounts.map(({ id: key, planned }) => [key, planned * (0.9 + 0.15 * draw())]),
              )
              await changeStep(db, id, { stepId: step.id, version: step.version, actuals })
            }
          }
          await finishOrder(db, id, minutesLater(5))
          const page = await lotPage(db, lot, minutesLater(10))
          const { innings, contents } = await readLot(db, lot)
          const said = innings.at(-1)?.predicted
          assert.ok(said && page.air && page.ph && page.ecSme && page.chemistry)
          near(page.air.value, said.airFraction, 0.005, 'air')
          near(page.ph.value, said.ph, 0.05, 'pH')
          near(page.ecSme.value / said.ecSme, 1, 0.03, 'salts')
          near(page.chemistry.nitrogen.coverage / said.nCoverage, 1, 0.03, 'nitrogen')
          assert.equal(page.air.measuredOn, null, 'worked out, not measured')
          assert.equal(page.ph.measuredOn, null, 'the reading of the old mix has ended')
          if (!changed) {
            const { predictedRounded } = built.recipe
            near(said.ph, predictedRounded.ph, 0.05, 'pH as planned')
            near(said.ecSme / predictedRounded.ecSme, 1, 0.03, 'salts as planned')
            near(said.nCoverage / predictedRounded.nCoverage, 1, 0.03, 'nitrogen as planned')
            const full = pots.reduce(
              (sum, pot) => sum + (built.pots.find(({ id: key }) => key === pot)?.litres ?? 0),
              0,
            )
            if (Math.abs(contents.litres / full - 1) < 0.01) {
              near(said.airFraction, predictedRounded.airFraction, 0.005, 'air as planned')
            }
          }
        } finally {
          await close()
        }
      })
    }
  }
})

let garden: Garden
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

test('a reading taken between mixing and the end is of the new mix; one before is not', async () => {
  const { db } = garden
  const { id } = await orderOf(db, answersFor(2, 'dwarf-bean', [2, 3]))
  const read = (value: number, minutes: number) =>
    addMeasurement(db, 2, {
      quantity: 'ph',
      value,
      method: '1:2',
      at: minutesLater(minutes),
      readAs: null,
    })
  await read(5.1, 1)
  const fold = (await readWorkOrder(db, id)).steps.find(({ plan }) => plan.kind === 'fold')
  assert.ok(fold)
  await changeStep(db, id, { stepId: fold.id, version: fold.version, doneAt: minutesLater(2) })
  await read(6.4, 3)
  await finishOrder(db, id, minutesLater(4))
  const page = await lotPage(db, 2, minutesLater(5))
  assert.equal(page.ph?.value, 6.4)
  assert.ok(page.ph?.measuredOn)
})

test('the end of a turnover is taken back whole, until something follows', async () => {
  const { db, close } = await demoDatabase()
  try {
    const stateOf = async () => {
      const { version: _, ledger: __, ...lot } = await readLot(db, 1)
      const tables = await readTables(db, 'UTC')
      const { air, ph, ecSme, measured, found } = await readLotFacts(db, tables, 1)
      const stock = [...tables.materials.values()].map(({ id }) => id)
      return { lot, air, ph, ecSme, measured, found, stock }
    }
    const atFirst = await stateOf()
    const { id } = await orderOf(db, { ...answersFor(1, 'strawberry', [1]), litres: 20 })
    const { leftoverLotId } = await finishOrder(db, id, minutesLater(1))
    assert.ok(leftoverLotId !== null)
    await undoFinish(db, id, minutesLater(2))
    const again = await stateOf()
    assert.deepEqual(
      again.lot.contents.components.map(({ materialId, litres }) => [
        materialId,
        Math.round(litres * 1e6),
      ]),
      atFirst.lot.contents.components.map(({ materialId, litres }) => [
        materialId,
        Math.round(litres * 1e6),
      ]),
    )
    assert.deepEqual(
      { ...again.lot, contents: null },
      { ...atFirst.lot, innings: again.lot.innings, contents: null },
    )
    assert.deepEqual(
      again.lot.innings.map(({ endedOn, cropId }) => [endedOn, cropId]),
      atFirst.lot.innings.map(({ endedOn, cropId }) => [endedOn, cropId]),
    )
    assert.equal((await readWorkOrder(db, id)).state, 'open')
    await assert.rejects(readLot(db, leftoverLotId), /no lot/)

    // Ends again, and then something follows.
    await finishOrder(db, id, minutesLater(3))
    await addMeasurement(db, 1, {
      quantity: 'ph',
      value: 6.2,
      method: '1:2',
      at: minutesLater(4),
      readAs: null,
    })
    await assert.rejects(undoFinish(db, id, minutesLater(5)), /Something followed/)
    await assert.rejects(undoFinish(db, id, minutesLater(6)), /Something followed/)
  } finally {
    await close()
  }
})

test('what is topped up is mixed with what is known: the tests of the old mix weigh by their litres', async () => {
  const { db, close } = await demoDatabase()
  try {
    await addMeasurement(db, 1, {
      quantity: 'ph',
      value: 5,
      method: '1:2',
      at: NOW,
      readAs: null,
    })
    const before = await lotPage(db, 1, NOW)
    assert.equal(before.ph?.value, 5)
    await newEntry(
      db,
      1,
      { kind: 'topped-up', litres: 3, materialId: 'garden-compost' },
      minutesLater(5),
    )
    const after = await lotPage(db, 1, minutesLater(6))
    assert.equal(after.ph?.measuredOn, null, 'the reading was of the mix before')
    const ph = after.ph?.value ?? 0
    assert.ok(ph > 5 && ph < 6.9, `${ph} lies between the mix and the compost`)
    const entry = (await readLot(db, 1)).ledger.at(-1)
    assert.ok(entry)
    await reverseEntry(db, 1, entry.id, minutesLater(7), null)
    const again = await lotPage(db, 1, minutesLater(8))
    assert.deepEqual([again.ph?.value, again.ph?.measuredOn !== null], [5, true])
  } finally {
    await close()
  }
})
