import assert from 'node:assert/strict'
import { test } from 'node:test'
import { type LotsQuery, lotsQuerySchema } from '../messages/media/lots'
import { mixesQuerySchema } from '../messages/mixes/mixes'
import { listAddress } from '../ui/list/listAddress'
import { partOf } from './listPart'
import { queryOf } from './queryOf'
import { validate } from './validate'

const LETTERS = [...'abcdefghijklmnopqrstuvwxyz']
const letters = (page: number | undefined) =>
  partOf(
    page,
    async ({ offset, limit }) => ({
      rows: LETTERS.slice(offset, offset + limit),
      total: LETTERS.length,
    }),
    10,
  )

test('a list comes page by page, and past its end its last page comes', async () => {
  assert.deepEqual((await letters(undefined)).rows, LETTERS.slice(0, 10))
  assert.deepEqual((await letters(2)).rows, LETTERS.slice(10, 20))
  const past = await letters(900)
  assert.deepEqual(past.rows, LETTERS.slice(20))
  assert.deepEqual(past.part, { page: 3, pageRows: 10, total: 26 })
  const none = await partOf(7, async () => ({ rows: [], total: 0 }))
  assert.equal(none.part.page, 1)
})

test('an address says what is asked, and nothing that goes without saying', () => {
  assert.equal(listAddress('/lots', { find: '', page: 1, state: undefined }), '/lots')
  assert.equal(
    listAddress('/lots', { find: 'north tub & more', page: 3 }),
    '/lots?find=north+tub+%26+more&page=3',
  )
})

test('what an address says is read again as it was asked', () => {
  const asked: LotsQuery = {
    find: 'größe 5 % +',
    place: 'Store bin 2',
    state: 'turn-over',
    order: 'air.down',
    page: 4,
    columns: 'litres,ph',
  }
  const url = new URL(listAddress('/lots', { ...asked }), 'http://localhost')
  assert.deepEqual(validate(lotsQuerySchema, queryOf(url), true), asked)
})

test('boxes that were ticked become one list, and empty fields count as left out', () => {
  const url = new URL('http://localhost/lots?find=&columns=air&columns=ph&state=')
  assert.deepEqual(queryOf(url), { columns: 'air,ph' })
})

for (const [what, query] of [
  ['an order there is none of', { order: 'smell' }],
  ['a page before the first', { page: '0' }],
  ['half a page', { page: '1.5' }],
  ['a column there is none of', { columns: 'litres,smell' }],
  ['a state there is none of', { state: 'asleep' }],
  ['more words than anybody types', { find: 'x'.repeat(81) }],
] as const) {
  test(`${what} is refused at its field`, () => {
    const [field = ''] = Object.keys(query)
    assert.throws(
      () => validate(lotsQuerySchema, query, true),
      (error: { fields?: readonly { field: string }[] }) => error.fields?.[0]?.field === field,
    )
  })
}

test('what else stands in an address disturbs no list', () => {
  assert.equal(validate(mixesQuerySchema, { find: 'bean', from: 'a letter' }, true).find, 'bean')
})
