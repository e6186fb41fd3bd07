import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { callEndpoint } from '../../testing/callEndpoint'
import { endpointDatabase } from '../../testing/database'
import { SMALL_JPEG } from '../../testing/smallJpeg'
import { problemOf } from './problem'
import { endpointTable } from './routes'

const keep = endpointTable['POST /api/containers/[id]/photos']
const show = endpointTable['GET /api/photos/[id]']

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

async function photo(headers: Readonly<Record<string, string>> = {}): Promise<Response> {
  const url = new URL('http://localhost:4321/api/photos/1')
  const request = new Request(url, { headers: { host: 'localhost:4321', ...headers } })
  return (await show({ request, params: { id: '1' }, url } as never)) as Response
}

test('a photo is kept by a browser that asks each time whether it may still be shown', async () => {
  const kept = await callEndpoint(keep, { jpeg: SMALL_JPEG }, { params: { id: 1 } })
  assert.equal(kept.status, 201)
  const shown = await photo()
  assert.equal(shown.status, 200)
  assert.equal(shown.headers.get('cache-control'), 'private, no-cache')
  const tag = shown.headers.get('etag') ?? ''
  assert.match(tag, /^"[\w-]{22}"$/)
  const again = await photo({ 'if-none-match': tag })
  assert.equal(again.status, 304)
  assert.equal((await again.arrayBuffer()).byteLength, 0)
  assert.equal((await photo({ 'if-none-match': '"another"' })).status, 200)
})

test('a disk without room is told as such, wherever it was found out', () => {
  for (const error of [
    Object.assign(new Error('ENOSPC'), { code: 'ENOSPC' }),
    Object.assign(new Error('EDQUOT'), { code: 'EDQUOT' }),
    Object.assign(new Error('query'), { cause: { code: '53100' } }),
  ]) {
    assert.equal(problemOf(error).status, 507)
  }
})
