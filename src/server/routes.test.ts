import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import type { APIContext } from 'astro'
import { endpointDatabase } from '../../testing/database'
import type { Problem } from '../messages/problem'
import { answerApi } from './routes'

const HOST = 'localhost:4321'

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

async function ask(method: string, path: string) {
  const url = new URL(`http://${HOST}${path}`)
  const request = new Request(url, { method, headers: { host: HOST } })
  const response = await answerApi({ request, params: {}, url } as unknown as APIContext)
  const text = await response.text()
  const allow = response.headers.get('allow')
  return {
    status: response.status,
    allow,
    problem: (text === '' ? {} : JSON.parse(text)) as Problem,
  }
}

test('an address leads to its operation, what stands word for word before what stands in brackets', async () => {
  assert.equal((await ask('GET', '/api/health')).status, 200)
  assert.equal((await ask('HEAD', '/api/health')).status, 200)
  assert.equal((await ask('GET', '/api/find?find=tub')).status, 200)
  assert.equal((await ask('GET', '/api/media/lots/1/transfers')).status, 200)
  // "put-away" is no number of a pot: the operation on many pots has it, which asks for a body.
  const { status, problem } = await ask('POST', '/api/containers/put-away')
  assert.equal(status, 415, problem.detail)
  const { problem: none } = await ask('GET', '/api/bench/tests/999999/state')
  assert.match(none.detail, /There is no test/)
})

test('an address of nothing and a method that is none are told in words', async () => {
  for (const path of ['/api', '/api/nowhere', '/api/media/lots//transfers', '/api/photos/1/2']) {
    const { status, problem } = await ask('GET', path)
    assert.equal(status, 404, path)
    assert.match(problem.detail, /Nothing is answered/)
  }
  const { status, allow, problem } = await ask('PUT', '/api/media/lots/1/transfers')
  assert.equal(status, 405)
  assert.equal(allow, 'GET, POST')
  assert.equal(problem.detail, 'This address takes GET or POST.')
  assert.equal(
    (await ask('GET', '/api/photos/%zz')).status,
    422,
    'what cannot be read is no number',
  )
})
