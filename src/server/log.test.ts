import assert from 'node:assert/strict'
import { test } from 'node:test'
import { describeError, newFailureId } from './log'

test('an error is described by where it was thrown, without what was entered', () => {
  const cause = Object.assign(new Error('duplicate key (name)=(Secret tub)'), { code: '23505' })
  const error = Object.assign(new Error('Failed query: insert ... params: Secret tub', { cause }), {
    query: 'insert into "lots" values ($1)',
    params: ['Secret tub'],
  })
  const described = describeError(error)
  assert.doesNotMatch(JSON.stringify(described), /Secret/)
  assert.equal(described.query, 'insert into "lots" values ($1)')
  assert.equal((described.cause as { code: string }).code, '23505')
  assert.match(String((described.frames as string[])[0]), /^at .*log\.test\.ts:\d+:\d+/)
  assert.deepEqual(describeError('Secret tub'), { name: 'string' })
})

test('an id can be read aloud and does not come twice in a thousand', () => {
  const ids = Array.from({ length: 1000 }, newFailureId)
  assert.ok(ids.every((id) => /^[A-HJ-NP-Z2-9]{6}$/.test(id)))
  assert.equal(new Set(ids).size, 1000)
})
