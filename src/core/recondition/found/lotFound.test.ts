import assert from 'node:assert/strict'
import { test } from 'node:test'
import { problem } from '../../../../testing/tables'
import { type Found, inForce } from './lotFound'

const DAY = 86_400_000
const problems = new Map(['vine-weevil', 'fungus-gnat'].map((id) => [id, problem(id)]))
const weevil: Found = {
  kind: 'problem',
  state: 'trouble',
  problemId: 'vine-weevil',
  numbers: {},
  at: 0,
  on: '2026-05-01',
  origin: { kind: 'seen', id: 1, note: null },
  season: 2026,
  rotationGroup: null,
}
const look = (day: number, more: Partial<Found>): Found => ({
  ...weevil,
  kind: 'grubs',
  problemId: null,
  at: day * DAY,
  origin: { kind: 'test', testId: day },
  ...more,
})
const searched = (day: number) => look(day, { state: 'clear' })
const isThere = (...more: Found[]) =>
  inForce([weevil, ...more], null, problems).some(({ problemId }) => problemId === 'vine-weevil')

test('grubs that were named stay until the mix was searched twice, four weeks apart', () => {
  assert.equal(isThere(), true)
  assert.equal(isThere(searched(3)), true)
  assert.equal(isThere(searched(3), searched(17)), true)
  assert.equal(isThere(searched(3), searched(31)), false)
  assert.equal(
    isThere(searched(-40), searched(3)),
    true,
    'a search before they were seen counts for nothing',
  )
})

test('grubs nobody named are a question, until they are named', () => {
  const seen = look(1, { state: 'trouble' })
  const asked = (...all: Found[]) =>
    inForce(all, null, problems).some(({ kind, state }) => kind === 'grubs' && state === 'trouble')
  assert.equal(asked(seen), true)
  assert.equal(asked(seen, { ...weevil, at: 2 * DAY }), false)
  assert.equal(asked(seen, { ...weevil, problemId: 'fungus-gnat', at: 2 * DAY }), false)
})
