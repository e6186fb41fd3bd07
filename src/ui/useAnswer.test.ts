import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { catchRequests, renderHook, settle } from '../../testing/renderHook'
import { addressOf } from './request'
import { useAnswer } from './useAnswer'

let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  network = catchRequests()
})
afterEach(() => network.restore())

const find = (text: string) => addressOf('GET /api/find', { query: { find: text } })

test('the last answer stands while the next is on its way, and one that was overtaken is not shown', async () => {
  const hook = await renderHook((text: string) => useAnswer(find(text)), 'tu' as string)
  await hook.act(async () => {
    network.made[0]?.answer(200, { name: 'tub' })
    await settle()
  })
  assert.deepEqual(hook.now().answer, { name: 'tub' })
  await hook.rerender('gri')
  await hook.rerender('grit')
  assert.deepEqual(hook.now().answer, { name: 'tub' })
  await hook.act(async () => {
    network.made[2]?.answer(200, { name: 'grit' })
    network.made[1]?.answer(200, { name: 'gritty soil' })
    await settle()
  })
  assert.deepEqual(hook.now().answer, { name: 'grit' })
  assert.equal(hook.now().failed, false)
})

test('a refusal is told, and goes with the next answer; where nothing is asked nothing is answered', async () => {
  const hook = await renderHook(
    (text: string) => useAnswer(text === '' ? null : find(text)),
    'a' as string,
  )
  await hook.act(async () => {
    network.made[0]?.answer(422, {})
    await settle()
  })
  assert.equal(hook.now().failed, true)
  await hook.rerender('b')
  await hook.act(async () => {
    network.made[1]?.answer(200, { name: 'b' })
    await settle()
  })
  assert.equal(hook.now().failed, false)
  await hook.rerender('')
  assert.equal(hook.now().answer, null)
  assert.equal(network.made.length, 2)
})
