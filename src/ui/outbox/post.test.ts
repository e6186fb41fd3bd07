import assert from 'node:assert/strict'
import { afterEach, beforeEach, mock, test } from 'node:test'
import { catchRequests } from '../../../testing/renderHook'
import type { Entry } from './entry'
import { post } from './post'

let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  network = catchRequests()
  mock.timers.enable({ apis: ['setTimeout'] })
})
afterEach(() => {
  mock.timers.reset()
  network.restore()
})

const entry = (body: unknown): Entry => ({
  id: 'an-entry-of-a-pot',
  order: 1,
  about: 'pot/1',
  title: 'Photo',
  where: 'P01',
  page: '/pots/1',
  method: 'POST',
  address: '/api/containers/1/photos',
  body,
  enteredAtMs: 0,
  garden: 'this one',
  problem: null,
})

test('a photo over a slow line goes on for as long as something of it arrives', async () => {
  let renewed = 0
  const answered = post(entry({ jpeg: 'x'.repeat(400_000) }), () => renewed++)
  const [sent] = network.made
  for (let seconds = 0; seconds < 600; seconds += 15) {
    mock.timers.tick(15_000)
    sent?.goOn()
  }
  // All is handed to the line: what is still on its way takes a time by its size.
  mock.timers.tick(45_000)
  sent?.answer(201, { id: 4 })
  assert.deepEqual(await answered, { ok: true, data: { id: 4 } })
  assert.equal(renewed, 40)
  assert.equal(sent?.garden, 'this one')
})

test('a line that stands is given up, and tried again', async () => {
  const answered = post(entry({ value: 3 }), () => {})
  mock.timers.tick(21_000)
  assert.equal(await answered, null)
})

test('a program in between that refuses in words of its own refuses; one that shows a page of its own does not answer', async () => {
  const refused = post(entry({}), () => {})
  network.made[0]?.answer(413, '<html>Too large</html>')
  const answer = await refused
  assert.equal(answer && !answer.ok && answer.problem.status, 413)
  assert.match(
    (answer && !answer.ok && answer.problem.detail) || '',
    /did not let it through \(413\)/,
  )
  const shown = post(entry({}), () => {})
  network.made[1]?.answer(200, '<html>Welcome</html>')
  assert.equal(await shown, null)
})
