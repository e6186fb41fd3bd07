import assert from 'node:assert/strict'
import { afterEach, test } from 'node:test'
import { newBrowserDatabase } from '../../../testing/browserDatabase'
import type { Entry } from './entry'
import { openStore } from './store'

const real = {
  add: IDBObjectStore.prototype.add,
  put: IDBObjectStore.prototype.put,
}
afterEach(() => {
  IDBObjectStore.prototype.add = real.add
  IDBObjectStore.prototype.put = real.put
  newBrowserDatabase()
})

const entry = (title: string): Omit<Entry, 'order'> => ({
  id: `id-${title}`,
  about: 'pot/1',
  title,
  where: 'P01',
  page: '/pots/1',
  method: 'POST',
  address: '/api/x',
  body: {},
  enteredAtMs: 1,
  problem: null,
})
const titles = async (store: Awaited<ReturnType<typeof openStore>>) =>
  (await store.all()).map(({ title }) => title)

test('entries are there in their order when the page comes again', async () => {
  const store = await openStore()
  assert.equal(store.isLasting, true)
  for (const title of ['one', 'two', 'three']) await store.add(entry(title))
  const again = await openStore()
  assert.deepEqual(await titles(again), ['one', 'two', 'three'])
  const [, two] = await again.all()
  await again.remove(two as Entry)
  assert.deepEqual(await titles(store), ['one', 'three'])
})

test('of two pages one has the turn, until it gives it back or its time is over', async () => {
  const [one, two] = [await openStore(), await openStore()]
  const [first, second] = await Promise.all([
    one.takeTurn('a', 0, 30, 'light'),
    two.takeTurn('b', 0, 30, 'light'),
  ])
  assert.deepEqual([first, second].filter(Boolean).length, 1)
  const [holder, other] = first ? ['a', 'b'] : ['b', 'a']
  assert.equal(await one.takeTurn(holder, 10, 40, 'light'), true, 'renewed')
  assert.equal(await two.takeTurn(other, 39, 70, 'light'), false)
  assert.equal(await two.takeTurn(other, 40, 70, 'light'), true)
  assert.equal(await two.takeTurn(other, 50, 0, 'light'), true)
  assert.equal(await one.takeTurn(holder, 51, 80, 'light'), true)
})

test('what the disk has no room for is kept by the page, in its place of the queue', async () => {
  const store = await openStore()
  await store.add(entry('before'))
  const full = () => {
    throw new DOMException('full', 'QuotaExceededError')
  }
  IDBObjectStore.prototype.add = full
  IDBObjectStore.prototype.put = full
  const kept = await store.add(entry('while full'))
  assert.equal(store.isLasting, false)
  assert.deepEqual(await titles(store), ['before', 'while full'])
  assert.equal(await store.takeTurn('a', 0, 30, 'light'), true, 'sending goes on')
  const problem = { detail: 'Refused.' } as Entry['problem']
  const [before] = await store.all()
  await store.put({ ...(before as Entry), problem })
  assert.equal((await store.all())[0]?.problem?.detail, 'Refused.', 'and is not sent for ever')
  await store.remove(before as Entry)
  await store.remove(kept)
  assert.deepEqual(await titles(store), [])
  assert.equal(store.isLasting, true)
})

test('a browser that forbids it, or holds something else under the name, leaves the memory', async () => {
  globalThis.indexedDB = {
    open: () => {
      throw new DOMException('denied', 'SecurityError')
    },
  } as unknown as IDBFactory
  const forbidden = await openStore()
  assert.equal(forbidden.isLasting, false)
  await forbidden.add(entry('one'))
  assert.deepEqual(await titles(forbidden), ['one'])
  newBrowserDatabase()
  await new Promise<void>((done) => {
    indexedDB.open('innings-outbox', 1).onsuccess = () => done()
  })
  assert.equal((await openStore()).isLasting, false)
})
