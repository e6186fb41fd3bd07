import assert from 'node:assert/strict'
import { beforeEach, test } from 'node:test'
import type { News } from './outbox'
import { keepTold, toldSince } from './toldHere'

const kept = new Map<string, string>()
const place = {
  getItem: (name: string) => kept.get(name) ?? null,
  setItem: (name: string, text: string) => {
    kept.set(name, text)
  },
}
Object.defineProperty(globalThis, 'sessionStorage', { value: place, configurable: true })
beforeEach(() => kept.clear())

const news = (title: string) =>
  ({ kind: 'answered', entry: { id: title }, data: { version: 2 } }) as unknown as News
const titles = (sinceMs: number) =>
  toldSince(sinceMs).map((one) => (one.kind === 'answered' ? one.entry.id : ''))

test('the next page of a tab hears what was answered since it was asked for, nothing older', () => {
  keepTold(10, news('before'))
  keepTold(20, news('meanwhile'))
  keepTold(30, news('just now'))
  assert.deepEqual(titles(20), ['meanwhile', 'just now'])
  assert.deepEqual(titles(31), [])
})

test('the last answers are kept, not all of a day', () => {
  for (let at = 0; at < 100; at++) keepTold(at, news(String(at)))
  assert.deepEqual(
    titles(0),
    Array.from({ length: 20 }, (_, at) => String(at + 80)),
  )
})

test('where nothing may be kept, or what is kept is of no use, a page shows what it was sent', () => {
  kept.set('told', 'no list')
  assert.deepEqual(titles(0), [])
  place.setItem = () => {
    throw new Error('full')
  }
  keepTold(1, news('lost'))
  assert.deepEqual(titles(0), [])
})
