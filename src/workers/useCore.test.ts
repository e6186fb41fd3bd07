import assert from 'node:assert/strict'
import { afterEach, test } from 'node:test'
import { renderHook, settle } from '../../testing/renderHook'
import { begun, letGo, untilBegun } from '../../testing/threadByHand'
import type { Outcome, Question } from './jobs'

afterEach(letGo)

type Asked = Question<'mixInPlace'>
const question = (name: string) => ({ name }) as unknown as Asked
const answered = (air: number) => ({ ok: true, value: { air } }) as unknown as Outcome

async function ask(topic: string, first: Asked | null) {
  const { useCore } = await import('./useCore')
  return renderHook((asked: Asked | null) => useCore(topic, 'mixInPlace', asked), first)
}

test('the answer of the thread is shown, and the work is over', async () => {
  const core = await ask('first', question('bark'))
  await untilBegun(1)
  assert.equal(core.now().working, true)
  await core.act(async () => {
    begun[0]?.finish(answered(0.2))
    await settle()
  })
  assert.deepEqual(core.now().answer, { air: 0.2 })
  assert.equal(core.now().working, false)
  await core.unmount()
})

test('a question that was overtaken shows nothing and switches nothing off', async () => {
  const core = await ask('second', question('old'))
  await untilBegun(1)
  await core.rerender(question('new'))
  await untilBegun(2)
  await core.act(async () => {
    begun[0]?.finish(answered(0.9))
    await settle()
  })
  assert.equal(core.now().answer, null)
  assert.equal(core.now().working, true, 'the newer one still runs')
  await core.act(async () => {
    begun[1]?.finish(answered(0.3))
    await settle()
  })
  assert.deepEqual(core.now().answer, { air: 0.3 })
  assert.equal(core.now().working, false)
  await core.unmount()
})

test('with nothing left to ask, what still runs is not shown any more', async () => {
  const core = await ask('third', question('old'))
  await untilBegun(1)
  await core.rerender(null)
  assert.equal(core.now().working, false)
  await core.act(async () => {
    begun[0]?.finish(answered(0.9))
    await settle()
  })
  assert.equal(core.now().answer, null)
  await core.unmount()
})

test('what the core refuses is told in its sentence', async () => {
  const core = await ask('fourth', question('nothing'))
  await untilBegun(1)
  await core.act(async () => {
    begun[0]?.finish({ ok: false, code: 'too-few', message: 'Parts must be above 0.' } as Outcome)
    await settle()
  })
  assert.equal(core.now().refusal, 'Parts must be above 0.')
  await core.unmount()
})
