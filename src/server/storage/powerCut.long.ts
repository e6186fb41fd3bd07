import assert from 'node:assert/strict'
import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { after, before, test } from 'node:test'
import { eq, sql } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import { TROUGH_TO_STRAWBERRY } from '../../../testing/answers'
import { CutFiles } from '../../../testing/cutFiles'
import { NOW } from '../../../testing/database'
import { allLots } from '../../../testing/lots'
import { drawFrom } from '../../../testing/random'
import type { Database } from '../../data/database'
import { seedDemo } from '../../data/demo'
import { declareTopics } from '../../data/kept'
import { innings, ledgerEntries, measurements } from '../../data/media'
import { prepareData } from '../../data/prepare'
import { changeStep, createWorkOrder, readWorkOrder, workOrders } from '../../data/recondition'
import * as schema from '../../data/schema'
import { newReading } from '../media'
import { buildRecipe, finishOrder, scheduleOf } from '../recondition'
import { openEngine } from './engine'
import { makeDatabase } from './makeDatabase'

const ROUNDS = 10
const CUTS_A_ROUND = 10
const LONGEST_GAP = 60

let folder = ''
let base = ''
before(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'innings-cut-'))
  await makeDatabase(folder, async (client) => {
    const db = drizzle(client, { schema })
    await migrate(db, { migrationsFolder: 'src/data/migrations' })
    await declareTopics(db)
    await prepareData(db, new Date('2026-11-02T10:00:00Z'))
    await seedDemo(db, NOW)
  })
  base = path.join(folder, 'database')
})
after(() => rmSync(folder, { recursive: true, force: true }))

/** What the grower was told is saved. */
interface Told {
  readonly readings: readonly number[]
  readonly orders: ReadonlyMap<number, { readonly done: number; readonly finished: boolean }>
}

test('a cut of power at 100 moments: the disk always starts, holds every answered write, nothing half', async () => {
  let cuts = 0
  for (let round = 0; round < ROUNDS; round++) {
    for (const { place, told } of await cutRound(round, false)) {
      await requireWhole(place, told, `round ${round}, cut ${cuts}`)
      rmSync(place, { recursive: true })
      cuts++
    }
  }
  assert.equal(cuts, ROUNDS * CUTS_A_ROUND)
})

test('the same cuts of a disk that never flushes lose answered writes: the trial can fail', async () => {
  let lost = 0
  for (const { place, told } of await cutRound(0, true)) {
    await requireWhole(place, told, 'deaf').catch(() => lost++)
  }
  assert.ok(lost > CUTS_A_ROUND / 2, `only ${lost} losses were found`)
})

/** Works in a garden until power was cut ten times at random; what each cut left, and what had been answered by then. */
async function cutRound(seed: number, deaf: boolean): Promise<{ place: string; told: Told }[]> {
  const random = drawFrom(seed + 1)
  const live = path.join(folder, 'live')
  rmSync(live, { recursive: true, force: true })
  cpSync(base, live, { recursive: true })
  const files = new CutFiles(live, base, deaf)
  const client = await openEngine(live, files)
  const db = drizzle(client, { schema })
  const work = worker(db, random)
  const cuts: { place: string; told: Told }[] = []
  const cut = () => {
    const place = path.join(folder, `cut-${cuts.length}`)
    rmSync(place, { recursive: true, force: true })
    files.leave(place, random)
    cuts.push({ place, told: work.told() })
    if (cuts.length < CUTS_A_ROUND) files.cutAfter(gap(), cut)
  }
  const gap = () => 1 + Math.floor(random() * LONGEST_GAP)
  files.cutAfter(gap(), cut)
  while (cuts.length < CUTS_A_ROUND) {
    if (random() < 0.1) await client.exec('checkpoint')
    else await work.next()
  }
  await client.close()
  return cuts
}

/** A grower at work: readings, and a turnover from its order to its finish, one after the other. */
function worker(db: Database, random: () => number) {
  const readings: number[] = []
  const orders = new Map<number, { done: number; finished: boolean }>()
  let order: { id: number; steps: readonly { id: number; version: number }[] } | null = null
  let done = 0
  return {
    told: (): Told => ({
      readings: [...readings],
      orders: new Map([...orders].map(([id, state]) => [id, { ...state }])),
    }),
    next: async () => {
      if (random() < 0.5) {
        const value = 4 + readings.length / 1000
        await newReading(db, 2, { kind: 'ph', value, method: '1:2' }, NOW)
        readings.push(value)
        return
      }
      if (!order) {
        const built = await buildRecipe(db, TROUGH_TO_STRAWBERRY, NOW)
        const { steps, readyOn } = scheduleOf(built, NOW)
        const { intake, recipe } = built
        const made = { lotId: TROUGH_TO_STRAWBERRY.lot, intake, recipe, steps, readyOn, at: NOW }
        const id = await createWorkOrder(db, made)
        orders.set(id, { done: 0, finished: false })
        order = { id, steps: (await readWorkOrder(db, id)).steps }
        done = 0
        return
      }
      const step = order.steps[done]
      if (step && random() < 0.5) {
        await changeStep(db, order.id, { stepId: step.id, version: step.version, doneAt: NOW })
        done++
        orders.set(order.id, { done, finished: false })
      } else {
        await finishOrder(db, order.id, NOW)
        orders.set(order.id, { done, finished: true })
        order = null
      }
    },
  }
}

async function requireWhole(place: string, told: Told, where: string): Promise<void> {
  const client = await openEngine(place)
  try {
    const db = drizzle(client, { schema })
    const kept = await db
      .select({ value: measurements.value })
      .from(measurements)
      .where(eq(measurements.method, '1:2'))
    const values = new Set(kept.map(({ value }) => value))
    for (const value of told.readings) assert.ok(values.has(value), `${where}: pH ${value} is lost`)
    for (const [id, state] of told.orders) {
      const order = await readWorkOrder(db, id)
      const doneNow = order.steps.filter(({ doneAt }) => doneAt !== null).length
      assert.ok(doneNow >= state.done, `${where}: a tick of order ${id} is lost`)
      if (state.finished) assert.equal(order.state, 'finished', `${where}: order ${id}`)
    }
    await requireNothingHalf(db, where)
    // What is left can be worked with.
    await newReading(db, 3, { kind: 'ph', value: 6, method: '1:2' }, NOW)
  } finally {
    await client.close()
  }
}

/** A finished order has its steps, its bookings and its innings; an open one none of the last two. */
async function requireNothingHalf(db: Database, where: string): Promise<void> {
  for (const { id, state } of await db.select().from(workOrders)) {
    const { steps } = await readWorkOrder(db, id)
    assert.ok(steps.length > 5, `${where}: order ${id} lacks its steps`)
    const booked = await db.$count(ledgerEntries, eq(ledgerEntries.workOrderId, id))
    const opened = await db.$count(innings, eq(innings.workOrderId, id))
    assert.deepEqual(
      [booked > 0, opened],
      state === 'finished' ? [true, 1] : [false, 0],
      `${where}: order ${id} is half finished`,
    )
  }
  const open = await db.execute(
    sql`select lot_id from innings where ended_on is null group by lot_id having count(*) > 1`,
  )
  assert.equal(open.rows.length, 0, `${where}: a lot is in two innings`)
  for (const { contents, name } of await allLots(db)) {
    assert.ok(contents.litres > -1e-9, `${where}: ${name} holds less than nothing`)
  }
}
