import assert from 'node:assert/strict'
import { test } from 'node:test'
import { addressOf, request } from './request'

const pot = { params: { id: 3 } }

test('a request holds the method, the address and the body of its operation', () => {
  assert.deepEqual(request('POST /api/containers/[id]/more', { ...pot, body: { count: 2 } }), {
    method: 'POST',
    address: '/api/containers/3/more',
    body: { count: 2 },
  })
  assert.deepEqual(request('POST /api/mixes/[id]/put-away', pot).body, {}, 'what takes no body')
})

test('what stands in an address is written so that it arrives as it is', () => {
  const find = 'peat & "bark" 50 %'
  const address = addressOf('GET /api/find', { query: { find } })
  assert.equal(new URL(address, 'http://here').searchParams.get('find'), find)
  assert.equal(addressOf('GET /api/find', { query: {} }), '/api/find')
  const moment = { params: { id: 1, moment: 'a/b' } }
  const { address: at } = request('PUT /api/bench/tests/[id]/moments/[moment]', {
    ...moment,
    body: { value: 1 },
  })
  assert.equal(at, '/api/bench/tests/1/moments/a%2Fb')
})

/** Never run: each line below has to be refused by the compiler, or the check of types fails. */
export function refusedByTheCompiler(): void {
  // @ts-expect-error a path that is none
  request('POST /api/containers/[id]/mroe', { ...pot, body: { count: 2 } })
  // @ts-expect-error the method of another operation
  request('PUT /api/containers/[id]/more', { ...pot, body: { count: 2 } })
  // @ts-expect-error a key that is misspelt
  request('POST /api/containers/[id]/more', { ...pot, body: { cuont: 2 } })
  const standard = { kind: 'standard', treatmentId: 1, cropId: null }
  // @ts-expect-error a field that is missing
  request('POST /api/trials/[id]/findings', { ...pot, body: standard })
  // @ts-expect-error which pot is missing
  request('POST /api/containers/[id]/more', { body: { count: 2 } })
  // @ts-expect-error a body where none is taken
  request('POST /api/mixes/[id]/put-away', { ...pot, body: { count: 2 } })
  // @ts-expect-error what writes has no address to read at
  addressOf('POST /api/mixes', {})
}
