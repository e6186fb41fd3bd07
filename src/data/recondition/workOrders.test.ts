import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { crop } from '../../../testing/tables'
import type { MixState, WorkStep } from '../../core/recondition'
import { Conflict, StaleWrite } from '../errors'
import { readLot } from '../media/readLots'
import { finishWorkOrder } from './finishWorkOrder'
import { readOpenOrder, readWorkOrder } from './readWorkOrders'
import { changeStep, createWorkOrder, putAwayWorkOrder, takeUpWorkOrder } from './workOrders'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const spread: WorkStep = {
  kind: 'spread',
  minutes: 10,
  tools: ['bucket'],
  cautions: [],
  amounts: [
    { id: 'perlite', role: 'aggregate', unit: 'L', planned: 4, text: '4 scoops', actual: null },
  ],
} as unknown as WorkStep

function order(lotId: number) {
  return createWorkOrder(garden.db, {
    lotId,
    intake: { cropId: crop('chard').id, containerIds: [1] } as never,
    recipe: {} as never,
    steps: [spread],
    readyOn: '2026-11-30',
    at: NOW,
  })
}

test('a lot has one open order at a time', async () => {
  const id = await order(1)
  await assert.rejects(order(1), (error) => {
    assert.ok(error instanceof Conflict)
    assert.equal(error.details.workOrderId, id)
    return true
  })
  await putAwayWorkOrder(garden.db, id)
  const second = await order(1)
  await assert.rejects(takeUpWorkOrder(garden.db, id), /another open work order/)
  await putAwayWorkOrder(garden.db, second)
  await takeUpWorkOrder(garden.db, id)
  assert.equal((await readWorkOrder(garden.db, id)).state, 'open')
  await assert.rejects(takeUpWorkOrder(garden.db, id), /not put away/)
  await putAwayWorkOrder(garden.db, id)
})

test('a step changed elsewhere is told, not overwritten', async () => {
  const id = await order(2)
  const [step] = (await readWorkOrder(garden.db, id)).steps
  assert.ok(step)
  const changed = await changeStep(garden.db, id, {
    stepId: step.id,
    version: step.version,
    doneAt: NOW,
    actuals: { perlite: 5, 'not-in-it': 3 },
  })
  assert.equal(changed.amounts[0]?.actual, 5)
  assert.equal(changed.amounts.length, 1, 'an unknown material is not added')
  await assert.rejects(
    changeStep(garden.db, id, { stepId: step.id, version: step.version, doneAt: null }),
    (error) => {
      assert.ok(error instanceof StaleWrite)
      assert.deepEqual((error.current.step as { version: number }).version, changed.version)
      return true
    },
  )
  const listed = await readOpenOrder(garden.db, 2)
  assert.equal(listed?.stepsDone, 1)
  await assert.rejects(changeStep(garden.db, id, { stepId: 999_999, version: 1 }), /no such step/)
})

test('a finish that fails half way books nothing', async () => {
  const id = await order(5)
  const before = await readLot(garden.db, 5)
  await assert.rejects(
    finishWorkOrder(garden.db, id, async () => ({
      batch: {
        lines: [
          {
            kind: 'topped-up',
            litres: 5,
            components: [{ materialId: 'perlite', litres: 5 }],
            doses: [],
            note: null,
          },
          {
            kind: 'lost',
            litres: -5000,
            components: [{ materialId: 'perlite', litres: -5000 }],
            doses: [],
            note: null,
          },
        ],
        leftover: {
          kind: 'split',
          litres: 3,
          components: [{ materialId: 'perlite', litres: 3 }],
          doses: [],
          note: null,
        },
      } as never,
      predicted: {} as never,
      startedOn: '2026-11-02',
      at: NOW,
      mixedAt: NOW,
      carried: {} as MixState,
      readyOn: '2026-11-30',
      leftover: {
        name: 'Left over',
        bin: 'Bin',
        origin: 'reconditioned' as const,
        carried: null,
        found: [],
      },
      staying: [],
    })),
    /taken out/,
  )
  const after = await readLot(garden.db, 5)
  assert.deepEqual(after, before)
  assert.equal((await readWorkOrder(garden.db, id)).state, 'open')
})

test('an order that was put away can neither be ticked nor finished', async () => {
  const id = await order(6)
  const [step] = (await readWorkOrder(garden.db, id)).steps
  await putAwayWorkOrder(garden.db, id)
  await assert.rejects(changeStep(garden.db, id, { stepId: step?.id ?? 0, version: 1 }), /put away/)
  await assert.rejects(
    finishWorkOrder(garden.db, id, () => Promise.reject(new Error('must not be asked'))),
    /put away/,
  )
})
