import assert from 'node:assert/strict'
import { test } from 'node:test'
import { maxTAgainstControl } from '../core/trials'
import { type JobName, runJob } from './jobs'

const groups = Array.from({ length: 4 }, (_, group) =>
  Array.from({ length: 6 }, (_one, pot) => 10 + group / 2 + Math.sin(3 * group + 5 * pot)),
)

function ask(name: JobName, question: unknown) {
  const told: number[] = []
  return { outcome: runJob(name, question, (share) => told.push(share)), told }
}

test('permutations in the worker: the same p for a seed, with how far they are', () => {
  const { outcome, told } = ask('maxT', { groups, seed: 4, draws: 20_000 })
  assert.ok(outcome.ok)
  assert.deepEqual(outcome.value, maxTAgainstControl(groups, { seed: 4, draws: 20_000 }))
  assert.deepEqual(told, [0, 0.25, 0.5, 0.75])
})

test('a dose series in the worker; what it cannot judge comes back as a sentence', () => {
  const { outcome } = ask('doseSteps', {
    doses: [0, 50, 100],
    values: [
      [10, 11, 12],
      [10, 11, 10],
      [3, 4, 5],
    ],
  })
  assert.ok(outcome.ok)
  assert.equal((outcome.value as { noEffectUpTo: number }).noEffectUpTo, 50)
  const refused = ask('doseSteps', { doses: [25, 50], values: [1, 2] }).outcome
  assert.ok(!refused.ok && refused.code === 'no-control' && /control/.test(refused.message))
})
