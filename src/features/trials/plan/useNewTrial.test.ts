import assert from 'node:assert/strict'
import { afterEach, beforeEach, mock, test } from 'node:test'
import { catchRequests, renderHook, settle } from '../../../../testing/renderHook'
import type { NewTrialBody } from '../../../messages/trials/trials'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { useNewTrial } from './useNewTrial'

const SHAPE = { kind: 'round' as const, topDiameterCm: 12, baseDiameterCm: 9, heightCm: 11 }
const page = (more: Partial<NewTrialPage> = {}): NewTrialPage => ({
  kind: null,
  candidate: '',
  plan: null,
  change: null,
  choices: { lots: [{ id: 4, name: 'Spent trough', litres: 30 }], bags: [] },
  mixes: [{ id: 2, name: 'House mix', versions: [3, 2] }],
  materials: [{ id: 'seed-mix', name: 'Seed and cutting mix' }],
  crops: [{ id: 'chard', name: 'Chard', kind: 'leaf', bearsFruit: false }],
  places: ['Bench'],
  sizes: [{ name: 'Small', shape: SHAPE, headspaceCm: 1, litres: 1 }],
  freePots: [],
  lessons: [],
  varied: [],
  rerunOf: null,
  ...more,
})

let network: ReturnType<typeof catchRequests>
let gone: string[]
beforeEach(() => {
  localStorage.clear()
  network = catchRequests()
  gone = []
  mock.method(window.location, 'assign', (address: string) => gone.push(address))
})
afterEach(() => {
  network.restore()
  mock.restoreAll()
})

const open = (of: NewTrialPage) => renderHook(() => useNewTrial(of), undefined)
type Opened = Awaited<ReturnType<typeof open>>

async function save(on: Opened): Promise<void> {
  await on.act(async () => {
    void on.now().save()
    await settle()
  })
}
async function answer(on: Opened, status: number, body: unknown): Promise<void> {
  await on.act(async () => {
    network.made.at(-1)?.answer(status, body)
    await settle()
  })
}

test('what is typed of a trial is kept until it is planned, and then its page is gone to', async () => {
  const before = await open(page())
  await before.act(() => before.now().change({ name: 'Two bags', cropId: 'chard' }))
  await before.unmount()
  const on = await open(page())
  assert.equal(on.now().values.name, 'Two bags')
  await save(on)
  const [sent] = network.made
  assert.deepEqual([sent?.method, sent?.address], ['POST', '/api/trials'])
  assert.equal(((sent?.body ?? {}) as NewTrialBody).name, 'Two bags')
  await answer(on, 201, { id: 17 })
  assert.deepEqual(gone, ['/trials/17'])
  await on.unmount()
  const anew = await open(page())
  assert.equal(anew.now().values.name, '')
  await anew.unmount()
})

test('it is planned once, however often its key is pressed', async () => {
  const on = await open(page())
  await save(on)
  await save(on)
  assert.equal(network.made.length, 1)
  await answer(on, 201, { id: 18 })
  await on.unmount()
})

test('a refusal stands at its field, and nothing that was typed is lost', async () => {
  const on = await open(page())
  await on.act(() => on.now().change({ name: 'Two bags', pots: 'many' }))
  await save(on)
  await answer(on, 422, {
    type: 'about:blank',
    title: 'Not valid',
    status: 422,
    code: 'not-valid',
    detail: 'The pots must be a number.',
    fields: [{ field: 'pots', message: 'The pots must be a number.' }],
  })
  assert.equal(on.now().errorOf('pots')?.message, 'The pots must be a number.')
  assert.deepEqual([on.now().values.name, on.now().values.pots], ['Two bags', 'many'])
  assert.deepEqual(gone, [])
  await on.unmount()
  const after = await open(page())
  assert.equal(after.now().values.pots, 'many')
  await after.unmount()
})

test('a candidate, an earlier trial and a change each have a draft of their own', async () => {
  const plain = await open(page())
  await plain.act(() => plain.now().change({ name: 'Plain' }))
  await plain.unmount()

  const candidate = await open(page({ candidate: 'mix:2:3' }))
  assert.equal(candidate.now().values.name, '')
  assert.ok(
    candidate.now().values.treatments.some(({ medium }) => medium === 'mix:2:3'),
    'what is tried out is among the treatments',
  )
  await candidate.act(() => candidate.now().change({ name: 'Of a mix' }))
  await candidate.unmount()

  const again = await open(page())
  assert.equal(again.now().values.name, 'Plain')
  await again.unmount()
})

test('a plan that is changed is put where it was, by the version that was read', async () => {
  const begun = await open(page())
  await begun.act(() => begun.now().change({ name: 'Two bags', cropId: 'chard' }))
  await save(begun)
  const plan = network.made[0]?.body as NewTrialBody
  await answer(begun, 201, { id: 5 })
  await begun.unmount()

  const whole = { ...plan, potSize: { name: 'Small', shape: SHAPE, headspaceCm: 1 } }
  const on = await open(
    page({ plan: whole as NewTrialBody, change: { id: 5, version: 4, name: 'Two bags' } }),
  )
  assert.equal(on.now().values.name, 'Two bags')
  await on.act(() => on.now().change({ name: 'Three bags' }))
  await save(on)
  const sent = network.made.at(-1)
  assert.deepEqual([sent?.method, sent?.address], ['PUT', '/api/trials/5'])
  const { name, version } = (sent?.body ?? {}) as { name: string; version: number }
  assert.deepEqual([name, version], ['Three bags', 4])
  await answer(on, 200, { id: 5 })
  assert.equal(gone.at(-1), '/trials/5')
  await on.unmount()
})
