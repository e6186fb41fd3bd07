import assert from 'node:assert/strict'
import { test } from 'node:test'
import { material } from '../../testing/tables'
import { DomainError } from '../core/errors'
import { type CoreThread, coreLine } from './coreLine'
import { type Outcome, runJob, type Tell } from './jobs'
import { TakenBack } from './unanswered'

const fill = {
  shape: { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const,
  headspaceCm: 2.5,
  layers: [{ components: [{ material: material('peat-medium'), parts: 1 }], thicknessCm: 20 }],
}
const pour = (millilitres: number) => ({
  fills: [fill, fill],
  millilitres,
  untilMl: millilitres / 2,
})

/** Threads that answer when told to, and count themselves. */
function fakeThreads() {
  const asked: { question: unknown; answer: (outcome: Outcome) => void; tell: Tell }[] = []
  let [started, ended] = [0, 0]
  const start = (): CoreThread => {
    started++
    return {
      run: (_name, question, tell) =>
        new Promise((answer) => asked.push({ question, answer, tell })),
      end: () => {
        ended++
      },
    }
  }
  return { start, asked, count: () => ({ started, ended }) }
}
const done = (value: unknown): Outcome => ({ ok: true, value })

test('the newest question of a topic wins; the one that runs is ended after a moment', async (t) => {
  t.mock.timers.enable({ apis: ['setTimeout'] })
  const { start, asked, count } = fakeThreads()
  const line = coreLine(start)
  const first = line.ask('pot', 'waterRuns', pour(100))
  const second = line.ask('pot', 'waterRuns', pour(200))
  const third = line.ask('pot', 'waterRuns', pour(300))
  await assert.rejects(first, TakenBack)
  await assert.rejects(second, TakenBack)
  assert.equal(asked.length, 1, 'one job at a time')
  t.mock.timers.tick(100)
  assert.deepEqual(count(), { started: 2, ended: 1 })
  assert.deepEqual(asked[1]?.question, pour(300), 'the second was never begun')
  asked[0]?.answer(done('too late'))
  asked[1]?.answer(done('newest'))
  assert.equal(await third, 'newest')
})

test('a job that is nearly done when a newer one comes costs no thread', async (t) => {
  t.mock.timers.enable({ apis: ['setTimeout'] })
  const { start, asked, count } = fakeThreads()
  const line = coreLine(start)
  const first = line.ask('pot', 'waterRuns', pour(100))
  const second = line.ask('pot', 'waterRuns', pour(200))
  asked[0]?.answer(done('old'))
  await assert.rejects(first, TakenBack)
  await new Promise(setImmediate)
  asked[1]?.answer(done('new'))
  assert.equal(await second, 'new')
  t.mock.timers.tick(100)
  assert.deepEqual(count(), { started: 1, ended: 0 })
})

test('topics do not drive each other out; stopping takes a question back', async (t) => {
  t.mock.timers.enable({ apis: ['setTimeout'] })
  const { start, asked } = fakeThreads()
  const line = coreLine(start)
  const pot = line.ask('pot', 'waterRuns', pour(100))
  const bowl = line.ask('bowl', 'waterRuns', pour(200))
  line.takeBack('bowl')
  await assert.rejects(bowl, TakenBack)
  asked[0]?.answer(done('pot'))
  assert.equal(await pot, 'pot')
  assert.equal(asked.length, 1)
})

test('progress is told while it runs and never after it was taken back', async (t) => {
  t.mock.timers.enable({ apis: ['setTimeout'] })
  const { start, asked } = fakeThreads()
  const line = coreLine(start)
  const told: number[] = []
  const first = line.ask('pot', 'waterRuns', pour(100), (share) => told.push(share))
  asked[0]?.tell(0.4)
  line.takeBack('pot')
  await assert.rejects(first, TakenBack)
  t.mock.timers.tick(100)
  asked[0]?.tell(0.8)
  assert.deepEqual(told, [0.4])
})

test('a refusal of the core arrives as one, with its sentence', async () => {
  const line = coreLine(() => ({
    run: async (name, question, tell) => runJob(name, question, tell),
    end: () => {},
  }))
  await assert.rejects(
    line.ask('pot', 'waterRuns', pour(-1)),
    (error) => error instanceof DomainError && error.code === 'out-of-range',
  )
})

test('a run of water comes back as plain data, told on the way', () => {
  const told: number[] = []
  const outcome = runJob('waterRuns', pour(1000), (share) => told.push(share))
  assert.ok(outcome.ok)
  assert.deepEqual(structuredClone(outcome.value), outcome.value)
  assert.ok(told.length > 2)
  assert.ok(told.every((share, i) => share >= (told[i - 1] ?? 0) && share <= 1))
})
