import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { outboxPage } from '../../../../testing/outboxPage'
import { renderHook, settle } from '../../../../testing/renderHook'
import type { LookPage, LookPot } from '../../../messages/trials/lookViews'
import { useLook } from './useLook'

const TODAY = '2026-11-02'

let page: Awaited<ReturnType<typeof outboxPage>>
beforeEach(async () => {
  page = await outboxPage()
})
afterEach(() => page.close())

const pot = (id: number, more: Partial<LookPot> = {}): LookPot => ({
  id,
  code: `T${id}`,
  containerId: id,
  block: null,
  cropName: null,
  treatmentName: null,
  leftOut: null,
  diedOn: null,
  before: {},
  values: {},
  note: '',
  events: [],
  ...more,
})

/** Each test looks at a trial of its own. */
let trials = 300
function trial(more: Partial<LookPage> = {}): LookPage {
  trials += 1
  return {
    trialId: trials,
    name: 'Two bags',
    kind: 'comparison',
    isBlind: false,
    isClosed: false,
    plantedOn: '2026-10-01',
    balance: 'none',
    seeds: 0,
    measures: ['height', 'leaves'],
    on: TODAY,
    check: null,
    pots: [pot(1), pot(2), pot(3)],
    problems: [],
    ...more,
  }
}

async function open(of: LookPage) {
  const on = await renderHook(() => useLook(of, TODAY), undefined)
  await on.act(settle)
  return on
}
type Opened = Awaited<ReturnType<typeof open>>

async function enter(on: Opened, height: string, leaves = '') {
  await on.act(() => on.now().type({ measure: 'height', value: height }))
  if (leaves) await on.act(() => on.now().type({ measure: 'leaves', value: leaves }))
}
async function keep(on: Opened): Promise<boolean> {
  let kept = false
  await on.act(async () => {
    kept = on.now().keep()
    await settle()
  })
  return kept
}
const looksOf = ({ trialId }: LookPage) => `/api/trials/${trialId}/looks`
async function answer(on: Opened, address: string, status = 201, body: unknown = {}) {
  await on.act(async () => {
    page.sentTo(address).answer(status, body)
    await settle()
  })
}

test('what is entered at a pot is sent as it was read, and the next one that waits is gone to', async () => {
  const of = trial()
  const on = await open(of)
  await enter(on, '12,5', '6')
  assert.equal(await keep(on), true)
  assert.deepEqual(page.sentTo(looksOf(of)).body, {
    potId: 1,
    on: null,
    values: { height: 12.5, leaves: 6 },
    note: '',
  })
  assert.equal(on.now().pot?.id, 2)
  assert.deepEqual(on.now().pots[0]?.values, { height: 12.5, leaves: 6 }, 'it stands at once')
  assert.deepEqual([on.now().waiting, on.now().isLate], [1, false], 'it is on its way')
  await answer(on, looksOf(of))
  assert.equal(on.now().waiting, 0)
  assert.deepEqual(on.now().pots[0]?.values, { height: 12.5, leaves: 6 })
  await on.unmount()
})

test('nothing entered, or what cannot be, is not kept: one stays at the pot', async () => {
  const on = await open(trial())
  assert.equal(await keep(on), false)
  await enter(on, 'tall')
  assert.equal(await keep(on), false)
  assert.equal(on.now().pot?.id, 1)
  assert.equal(on.now().typed.values.height, 'tall')
  assert.equal(page.made.length, 0)
  await on.unmount()
})

test('what is half typed is there after a reload, at its own pot', async () => {
  const of = trial()
  const before = await open(of)
  await enter(before, '9')
  await before.act(() => before.now().goTo(3))
  await before.act(() => before.now().type({ note: 'leans' }))
  await before.unmount()
  const after = await open(of)
  assert.equal(after.now().pot?.id, 3)
  assert.equal(after.now().typed.note, 'leans')
  await after.act(() => after.now().goTo(1))
  assert.equal(after.now().typed.values.height, '9')
  await after.unmount()
})

test('a refusal brings what was sent back into its fields', async () => {
  const of = trial()
  const on = await open(of)
  await enter(on, '14')
  await keep(on)
  assert.equal(on.now().pot?.id, 2)
  await answer(on, looksOf(of), 409, {
    type: 'about:blank',
    title: 'Closed',
    status: 409,
    code: 'conflict',
    detail: 'This trial was closed meanwhile.',
    fields: [],
  })
  assert.equal(on.now().refused?.detail, 'This trial was closed meanwhile.')
  assert.equal(on.now().pot?.id, 1, 'back at the pot')
  assert.equal(on.now().typed.values.height, '14')
  assert.deepEqual(on.now().pots[0]?.values, {}, 'it does not stand')
  await on.unmount()
})

test('a day that is over is told with what is entered for it', async () => {
  const of = trial({ on: '2026-10-25' })
  const on = await open(of)
  await enter(on, '8')
  await keep(on)
  const { on: day } = page.sentTo(looksOf(of)).body as { on: string | null }
  assert.equal(day, '2026-10-25')
  await answer(on, looksOf(of))
  await on.unmount()
})

test('one may go on without entering; a pot that was looked at is passed', async () => {
  const on = await open(trial({ pots: [pot(1), pot(2, { values: { height: 9 } }), pot(3)] }))
  assert.equal(on.now().pot?.id, 1)
  await on.act(() => on.now().skip())
  assert.equal(on.now().pot?.id, 3)
  await on.act(() => on.now().goTo(2))
  assert.equal(on.now().typed.values.height, '9', 'what was read stands in its field')
  await on.unmount()
})

test('what has no answer waits for one, pot by pot, and arrives once there is a line again', async () => {
  const of = trial()
  const on = await open(of)
  await enter(on, '7')
  await keep(on)
  await answer(on, looksOf(of), 0, null)
  assert.deepEqual([on.now().waiting, on.now().isLate], [1, true])
  await on.act(() => on.now().goTo(1))
  await on.act(async () => {
    on.now().happened({ kind: 'animal', problemId: null, note: '', isLeftOut: false, scope: 'pot' })
    await settle()
  })
  for (const sent of page.made.slice(1)) sent.answer(0)
  await on.act(settle)
  assert.equal(on.now().waiting, 1, 'two entries of one pot')
  await on.act(() => page.comeOnline())
  await answer(on, looksOf(of))
  await answer(on, `/api/trials/${of.trialId}/events`)
  assert.deepEqual([on.now().waiting, on.now().isLate], [0, false])
  await on.unmount()
})

test('what happened to a pot leaves it out with its reason, until it counts again', async () => {
  const of = trial()
  const on = await open(of)
  await on.act(async () => {
    on.now().happened({
      kind: 'animal',
      problemId: null,
      note: 'a snail',
      isLeftOut: true,
      scope: 'pot',
    })
    await settle()
  })
  assert.deepEqual(on.now().pots[0]?.leftOut, { on: TODAY, happened: 'animal', why: 'a snail' })
  assert.deepEqual(page.sentTo(`/api/trials/${of.trialId}/events`).body, {
    potId: 1,
    on: null,
    kind: 'animal',
    problemId: null,
    note: 'a snail',
    isLeftOut: true,
    scope: 'pot',
  })
  await answer(on, `/api/trials/${of.trialId}/events`)
  assert.ok(on.now().pots[0]?.leftOut)
  await on.act(async () => {
    on.now().countAgain()
    await settle()
  })
  assert.equal(on.now().pots[0]?.leftOut, null)
  await answer(on, `/api/trials/${of.trialId}/left-out`, 200)
  assert.equal(on.now().pots[0]?.leftOut, null)
  await on.unmount()
})

test('a plant that died has its day, and stays among those planted', async () => {
  const of = trial()
  const on = await open(of)
  await on.act(async () => {
    on.now().happened({ kind: 'died', problemId: null, note: '', isLeftOut: false, scope: 'pot' })
    await settle()
  })
  assert.deepEqual([on.now().pots[0]?.diedOn, on.now().pots[0]?.leftOut], [TODAY, null])
  await answer(on, `/api/trials/${of.trialId}/events`)
  assert.equal(on.now().pots[0]?.diedOn, TODAY)
  await on.unmount()
})

test('a number that was read can be taken away again', async () => {
  const of = trial({ pots: [pot(1, { values: { height: 12 }, note: 'fine' })] })
  const on = await open(of)
  await enter(on, '')
  await on.act(() => on.now().type({ note: '' }))
  assert.equal(await keep(on), true)
  assert.deepEqual(page.sentTo(looksOf(of)).body, {
    potId: 1,
    on: null,
    values: { height: null, leaves: null },
    note: '',
  })
  await answer(on, looksOf(of))
  assert.deepEqual([on.now().pots[0]?.values, on.now().pots[0]?.note], [{}, ''])
  await on.unmount()
})
