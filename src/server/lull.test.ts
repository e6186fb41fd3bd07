import assert from 'node:assert/strict'
import { EventEmitter } from 'node:events'
import { test } from 'node:test'
import { countUntilAnswered, lull } from './lull'

/** Which of the two came first. */
async function first(work: Promise<void>, other: Promise<unknown>): Promise<string> {
  return Promise.race([work.then(() => 'work'), other.then(() => 'other')])
}

test('where nobody asks, work goes on at once', async () => {
  const late = new Promise((resolve) => setTimeout(resolve, 5000).unref())
  assert.equal(await first(lull(), late), 'work')
})

test('work waits until a request is answered, and a moment longer', async () => {
  const response = new EventEmitter()
  countUntilAnswered(response as never)
  const work = lull()
  const answered = new Promise<void>((resolve) => {
    setTimeout(() => {
      response.emit('close')
      resolve()
    }, 100)
  })
  assert.equal(await first(work, answered), 'other')
  const answeredAt = performance.now()
  await work
  assert.ok(performance.now() - answeredAt >= 140)
})

test('in a garden that is never quiet work goes on all the same', async () => {
  const response = new EventEmitter()
  countUntilAnswered(response as never)
  await lull()
  response.emit('close')
})
