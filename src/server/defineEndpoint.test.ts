import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { APIContext } from 'astro'
import Joi from 'joi'
import { DomainError } from '../core/errors'
import { Conflict, NotFound, StaleWrite } from '../data/errors'
import { answers, operation } from '../messages/operation'
import type { Problem } from '../messages/problem'
import { defineEndpoint } from './defineEndpoint'
import { requireOwnHost } from './hosts'
import { problemOf, Refused } from './problem'

const HOME = 'http://localhost:4321/api/things'

const POST = defineEndpoint(
  operation({
    body: Joi.object({ litres: Joi.number().min(0).required().label('The litres') }),
    answer: answers<object>(),
  }),
  async () => ({}),
)

async function post(
  init: RequestInit & { duplex?: 'half' },
): Promise<{ status: number; problem: Problem }> {
  const request = new Request(HOME, {
    method: 'POST',
    ...init,
    headers: { host: 'localhost:4321', 'content-type': 'application/json', ...init.headers },
  })
  const context = { request, params: {}, url: new URL(HOME) } as unknown as APIContext
  const response = await POST(context)
  return { status: response.status, problem: (await response.json()) as Problem }
}

test('a body in chunks is counted while it is read: too large is told without a length', async () => {
  const chunk = new Uint8Array(64 * 1024).fill(32)
  let sent = 0
  const body = new ReadableStream<Uint8Array>({
    pull(controller) {
      sent++
      controller.enqueue(chunk)
      if (sent > 1000) controller.close()
    },
  })
  const { status, problem } = await post({ body, duplex: 'half' })
  assert.equal(status, 413)
  assert.equal(problem.code, 'too-large')
  assert.ok(sent < 20, `reading stopped early, after ${sent} chunks`)
})

test('field errors name their field with a sentence', async () => {
  const letters = await post({ body: JSON.stringify({ litres: 'many' }) })
  assert.equal(letters.status, 422)
  assert.deepEqual(letters.problem.fields, [
    { field: 'litres', message: 'The litres must be a number.' },
  ])
  const unknown = await post({ body: JSON.stringify({ litres: 1, admin: true }) })
  assert.equal(unknown.problem.fields[0]?.field, 'admin')
})

test('another host name is refused, for reading too', () => {
  const ask =
    (host: string, method = 'GET', origin?: string) =>
    () =>
      requireOwnHost(
        new Request(HOME, { method, headers: { host, ...(origin ? { origin } : {}) } }),
      )
  const code = (expected: string) => (error: unknown) =>
    error instanceof Refused && error.code === expected
  assert.throws(ask('rebound.example'), code('wrong-host'))
  assert.throws(ask('localhost.evil.example'), code('wrong-host'))
  assert.throws(ask('localhost:4321', 'POST', 'http://localhost:9999'), code('wrong-origin'))
  assert.throws(ask('localhost:4321', 'POST', 'no address'), code('wrong-origin'))
  assert.doesNotThrow(ask('127.0.0.1:4321', 'POST', 'http://127.0.0.1:4321'))
  assert.doesNotThrow(ask('[::1]:4321'))
})

test('each kind of refusal has its status and a code that stays', () => {
  const of = (error: unknown) => {
    const { status, code } = problemOf(error)
    return [status, code]
  }
  assert.deepEqual(of(new DomainError('too-few', 'Parts must be above 0.')), [422, 'too-few'])
  assert.deepEqual(of(new NotFound('There is no lot 9.')), [404, 'not-found'])
  assert.deepEqual(of(new Conflict('Taken.')), [409, 'conflict'])
  const stale = problemOf(new StaleWrite('Changed meanwhile.', { step: { id: 3 } }))
  assert.deepEqual(stale.current, { step: { id: 3 } })
  const bug = problemOf(new Error('select secret from inside'))
  assert.equal(bug.status, 500)
  assert.doesNotMatch(JSON.stringify(bug), /secret/)
})
