import assert from 'node:assert/strict'
import { beforeEach, test } from 'node:test'
import { createSendOnce } from './sendOnce'

let stored = new Map<string, string>()
let clock = 0
const store = () => ({
  getItem: (name: string) => stored.get(name) ?? null,
  setItem: (name: string, value: string) => void stored.set(name, value),
})
const begin = () => createSendOnce(store, () => clock)

beforeEach(() => {
  stored = new Map()
  clock = 0
})

/** A server that answers when told to. */
function server() {
  const ids: string[] = []
  const waiting: ((outcome: { ok: boolean; answered: boolean }) => void)[] = []
  return {
    ids,
    take: (id: string) => {
      ids.push(id)
      return new Promise<{ ok: boolean; answered: boolean }>((resolve) => waiting.push(resolve))
    },
    answer: async (ok: boolean, answered = true) => {
      waiting.shift()?.({ ok, answered })
      await new Promise((resolve) => setImmediate(resolve))
    },
  }
}

test('a double click sends once, also where the second click comes after the answer', async () => {
  const once = begin()
  const { ids, take, answer } = server()
  const first = once('POST /a', take)
  const second = once('POST /a', take)
  await answer(true)
  assert.equal(await first, await second)
  clock = 1500
  once('POST /a', take)
  assert.equal(ids.length, 1)
  clock = 4000
  once('POST /a', take)
  assert.equal(ids.length, 2, 'later it is meant again')
  assert.notEqual(ids[0], ids[1])
})

test('after a refusal the same may be sent again at once', async () => {
  const once = begin()
  const { ids, take, answer } = server()
  once('POST /a', take)
  await answer(false)
  once('POST /a', take)
  assert.equal(ids.length, 2)
})

test('something else in between makes the first meant again: put away, taken up, put away', async () => {
  const once = begin()
  const { ids, take, answer } = server()
  once('POST /put-away', take)
  await answer(true)
  once('POST /take-up', take)
  await answer(true)
  once('POST /put-away', take)
  assert.equal(ids.length, 3)
})

test('without an answer the next try has the same id, also after the page was loaded anew', async () => {
  const { ids, take, answer } = server()
  begin()('POST /a', take)
  await answer(false, false)
  const again = begin()
  again('POST /a', take)
  await answer(true)
  assert.equal(ids[0], ids[1])
  clock = 9000
  again('POST /a', take)
  assert.notEqual(ids[1], ids[2], 'once answered the id is used up')
})

test('a store that fails does not stop anyone', async () => {
  const once = createSendOnce(() => {
    throw new Error('forbidden')
  })
  const { ids, take, answer } = server()
  once('POST /a', take)
  await answer(true)
  assert.equal(ids.length, 1)
})

test('a photo does not fill the store, and keeps its id for the next try all the same', async () => {
  const { ids, take, answer } = server()
  const photo = `POST /photos\n${'x'.repeat(900_000)}`
  begin()(photo, take)
  await answer(false, false)
  assert.ok((stored.get('unanswered') ?? '').length < 10_000)
  const again = begin()
  again(photo, take)
  assert.equal(ids[1], ids[0])
  await answer(true)
  clock = 5000
  again(`${photo.slice(0, -1)}y`, take)
  assert.notEqual(ids[2], ids[0], 'another photo is another request')
})
