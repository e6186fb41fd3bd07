import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import fc from 'fast-check'
import { demoDatabase, NOW } from '../../../testing/database'
import { crop } from '../../../testing/tables'
import type {
  Intake,
  MixState,
  Prediction,
  Recipe,
  StepAmount,
  WorkStep,
} from '../../core/recondition'
import { Conflict, NotFound, StaleWrite } from '../errors'
import { createLot } from '../media/lots'
import { readLot } from '../media/readLots'
import { finishWorkOrder } from './finishWorkOrder'
import { listWorkOrders, readOpenOrder, readWorkOrder } from './readWorkOrders'
import { changeStep, createWorkOrder, putAwayWorkOrder, takeUpWorkOrder } from './workOrders'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const PLANNED_L = 4
const perlite: StepAmount = {
  id: 'perlite-coarse',
  role: 'aggregate',
  unit: 'L',
  planned: PLANNED_L,
  text: '4 L',
  actual: null,
}
const step: WorkStep = {
  kind: 'spread',
  minutes: 10,
  tools: [],
  cautions: [],
  amounts: [perlite],
} as unknown as WorkStep

/** What people do with orders, also when they must not: on either of two lots, from either of two devices. */
const act = fc.record({
  what: fc.constantFrom('create', 'put away', 'take up', 'tick', 'amount', 'finish'),
  lot: fc.nat({ max: 1 }),
  nth: fc.nat({ max: 5 }),
  /** The device last looked before this many changes of the step. */
  behind: fc.nat({ max: 1 }),
  litres: fc.integer({ min: 1, max: 9 }),
})
type Act = typeof act extends fc.Arbitrary<infer One> ? One : never

interface Known {
  readonly id: number
  readonly lot: number
  state: 'open' | 'put-away' | 'finished'
  done: boolean
  actual: number | null
}

async function newLot(): Promise<number> {
  return createLot(garden.db, {
    name: 'Drawn',
    origin: 'bag',
    storeBin: 'Bin',
    containerIds: [],
    lines: [
      {
        kind: 'filled',
        litres: 20,
        components: [{ materialId: 'all-purpose-mix', litres: 20 }],
        doses: [],
        note: null,
      },
    ],
    at: NOW,
  })
}

const create = (lotId: number) =>
  createWorkOrder(garden.db, {
    lotId,
    intake: { cropId: crop('chard').id, containerIds: [] } as unknown as Intake,
    recipe: {} as Recipe,
    steps: [step],
    readyOn: '2026-11-30',
    at: NOW,
  })

const finish = (id: number) =>
  finishWorkOrder(garden.db, id, async (order) => {
    const [amount] = order.steps.flatMap(({ amounts }) => amounts)
    const litres = amount?.actual ?? PLANNED_L
    return {
      batch: {
        lines: [
          {
            kind: 'topped-up',
            litres,
            components: [{ materialId: 'perlite-coarse', litres }],
            doses: [],
            note: null,
          },
        ],
        leftover: null,
        after: { litres: 20, components: [] },
      } as never,
      predicted: {} as Prediction,
      startedOn: '2026-11-02',
      at: NOW,
      mixedAt: NOW,
      carried: {} as MixState,
      readyOn: '2026-11-30',
      leftover: { name: '', bin: '', origin: 'reconditioned' as const, carried: null, found: [] },
      staying: [],
    }
  })

/** Does it, and keeps in `known` what must be true after it. @returns whether it was to be refused */
async function doIt(
  { what, lot, nth, behind, litres }: Act,
  lots: readonly [number, number],
  known: Known[],
): Promise<{ readonly wanted: boolean; readonly run: () => Promise<void> }> {
  const lotId = lots[lot === 0 ? 0 : 1]
  const open = known.find((one) => one.lot === lotId && one.state === 'open')
  if (what === 'create') {
    return {
      wanted: !open,
      run: async () => {
        known.push({
          id: await create(lotId),
          lot: lotId,
          state: 'open',
          done: false,
          actual: null,
        })
      },
    }
  }
  const one = known[nth % Math.max(1, known.length)]
  if (!one) return { wanted: false, run: () => putAwayWorkOrder(garden.db, 999_999) }
  const others = known.some((other) => other.lot === one.lot && other.state === 'open')
  const change = async (wanted: Partial<Known>, of: Parameters<typeof changeStep>[2]) => {
    await changeStep(garden.db, one.id, of)
    Object.assign(one, wanted)
  }
  const stored = (await readWorkOrder(garden.db, one.id)).steps[0]
  assert.ok(stored)
  const at = { stepId: stored.id, version: stored.version - behind }
  switch (what) {
    case 'put away':
      return {
        wanted: one.state === 'open',
        run: async () => {
          await putAwayWorkOrder(garden.db, one.id)
          one.state = 'put-away'
        },
      }
    case 'take up':
      return {
        wanted: one.state === 'put-away' && !others,
        run: async () => {
          await takeUpWorkOrder(garden.db, one.id)
          one.state = 'open'
        },
      }
    case 'tick':
      return {
        wanted: one.state === 'open' && behind === 0,
        run: () => change({ done: true }, { ...at, doneAt: NOW }),
      }
    case 'amount':
      return {
        wanted: one.state === 'open' && behind === 0,
        run: () => change({ actual: litres }, { ...at, actuals: { [perlite.id]: litres } }),
      }
    default:
      return {
        wanted: one.state === 'open',
        run: async () => {
          await finish(one.id)
          one.state = 'finished'
        },
      }
  }
}

test('whatever is done with orders, each is what was done to it and nothing is booked twice', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(act, { maxLength: 14 }), async (acts) => {
      const lots = [await newLot(), await newLot()] as const
      const known: Known[] = []
      for (const one of acts) {
        const { wanted, run } = await doIt(one, lots, known)
        if (wanted) await run()
        else {
          await assert.rejects(run, (error) => {
            assert.ok(
              error instanceof Conflict || error instanceof StaleWrite || error instanceof NotFound,
            )
            return true
          })
        }
      }
      for (const { id, state, done, actual } of known) {
        const order = await readWorkOrder(garden.db, id)
        assert.equal(order.state, state)
        assert.equal(order.steps[0]?.doneAt !== null, done)
        assert.equal(order.steps[0]?.amounts[0]?.actual, actual)
      }
      for (const lotId of lots) {
        const mine = known.filter(({ lot }) => lot === lotId)
        const open = mine.filter(({ state }) => state === 'open')
        assert.ok(open.length <= 1, 'one open order on a lot at most')
        assert.equal((await readOpenOrder(garden.db, lotId))?.id ?? null, open[0]?.id ?? null)
        const booked = mine
          .filter(({ state }) => state === 'finished')
          .reduce((sum, { actual }) => sum + (actual ?? PLANNED_L), 0)
        const { contents, innings } = await readLot(garden.db, lotId)
        assert.ok(Math.abs(contents.litres - 20 - booked) < 1e-9)
        const finished = mine.filter(({ state }) => state === 'finished').length
        assert.equal(innings.length, finished, 'an innings for each finished order')
      }
    }),
    { numRuns: 40 },
  )
})

test('finished orders are found by their lot and come in the order asked for', async () => {
  const at = { offset: 0, limit: 5 }
  const named = async (name: string, day: number) => {
    const lotId = await createLot(garden.db, {
      name,
      origin: 'bag',
      storeBin: 'Bin',
      containerIds: [],
      lines: [],
      at: NOW,
    })
    const id = await createWorkOrder(garden.db, {
      lotId,
      intake: { cropId: crop('chard').id, containerIds: [] } as unknown as Intake,
      recipe: {} as Recipe,
      steps: [step],
      readyOn: '2026-11-30',
      at: new Date(NOW.getTime() + day * 86_400_000),
    })
    await finish(id)
  }
  await named('Zinc row 10', 1)
  await named('Zinc row 9', 2)
  await named('Zinc row 11', 3)
  const names = async (order?: 'oldest' | 'name') => {
    const { rows, total } = await listWorkOrders(garden.db, 'finished', {
      find: 'row ZINC',
      ...(order ? { order } : {}),
      ...at,
    })
    assert.equal(total, 3)
    return rows.map(({ lotName }) => lotName)
  }
  assert.deepEqual(await names(), ['Zinc row 11', 'Zinc row 9', 'Zinc row 10'])
  assert.deepEqual(await names('oldest'), ['Zinc row 10', 'Zinc row 9', 'Zinc row 11'])
  assert.deepEqual(await names('name'), ['Zinc row 9', 'Zinc row 10', 'Zinc row 11'])
  const none = await listWorkOrders(garden.db, 'finished', { find: 'zinc 100%', ...at })
  assert.deepEqual(none, { rows: [], total: 0 })
})
