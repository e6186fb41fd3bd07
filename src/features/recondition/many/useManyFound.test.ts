import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { onSite } from '../../../../testing/onSite'
import { catchRequests } from '../../../../testing/renderHook'
import type { ManyFound, ManyFoundPage, WaitingPot } from '../../../messages/recondition/manyFound'
import { useManyFound, yearsOf } from './useManyFound'

const pot = (id: number, more: Partial<WaitingPot> = {}): WaitingPot => ({
  id,
  code: `P${id}`,
  name: 'Rail pot',
  place: 'North landing',
  lotId: 15,
  lotName: 'Fuchsia rail',
  sharedWith: [],
  lastCropName: null,
  expectedDropCm: 2,
  known: [],
  answers: null,
  innings: 2,
  ...more,
})

const page = (pots: readonly WaitingPot[]): ManyFoundPage => ({
  pots,
  chosen: pots.map(({ id }) => id),
  problems: [],
})

let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  localStorage.clear()
  network = catchRequests()
})
afterEach(() => network.restore())

async function open(pots: readonly WaitingPot[]) {
  return onSite(() => useManyFound(page(pots)))
}

/** What would be sent. */
async function sent(form: Awaited<ReturnType<typeof open>>): Promise<ManyFound['pots']> {
  await form.act(() => {
    void form.now().send()
  })
  const last = network.made.at(-1)
  assert.ok(last, 'it was sent')
  return (last.body as ManyFound).pots
}

test('what is said for all counts for each, and what differs in one takes its place', async () => {
  const form = await open([pot(1), pot(2)])
  await form.act(() =>
    form.now().sayAll({ drop: '4 cm', roots: 'dense', problems: ['salt-crust'] }),
  )
  await form.act(() =>
    form.now().sayOwn(2, { roots: 'bound', problems: ['liverwort'], smell: 'sour', mulch: '2' }),
  )
  const [one, two] = await sent(form)
  assert.deepEqual([one?.drop, one?.roots, one?.problems], [4, 'dense', ['salt-crust']])
  assert.deepEqual([two?.drop, two?.roots], [4, 'bound'])
  // What was seen in all was seen in this one too.
  assert.deepEqual([...(two?.problems ?? [])].sort(), ['liverwort', 'salt-crust'])
  assert.deepEqual(two?.look, {
    smell: 'sour',
    life: null,
    mulchCm: 2,
    years: null,
    drains: true,
    debris: 'left',
  })
  assert.deepEqual([one?.look.smell, one?.look.mulchCm], [null, 0])
})

test('an earlier look stands until something is said for all', async () => {
  const told = {
    drop: 5.02,
    roots: 'woody',
    side: 'no',
    look: { smell: 'earth', life: 'much', mulchCm: 5, years: 3, drains: false, debris: 'bin' },
    on: '2026-10-20',
  } as const
  const form = await open([pot(1, { answers: told }), pot(2)])
  const said = form.now().saidOf(pot(1, { answers: told }))
  assert.deepEqual(
    [said.drop, said.roots, said.smell, said.life, said.mulch, said.years, said.drains],
    ['5 cm', 'woody', 'earth', 'much', '5', '3', 'no'],
  )
  // Debris was dealt with then: it is not told again.
  assert.equal(said.debris, 'left')
  await form.act(() => form.now().sayAll({ roots: 'dense' }))
  assert.equal(form.now().saidOf(pot(1, { answers: told })).roots, 'dense')
})

test('only the mix of a pot that shares its lot can be parted', async () => {
  const form = await open([pot(1, { sharedWith: ['P2'] }), pot(3)])
  await form.act(() => form.now().sayOwn(1, { part: true }))
  await form.act(() => form.now().sayOwn(3, { part: true }))
  const [shared, alone] = await sent(form)
  assert.deepEqual([shared?.part, alone?.part], [true, false])
})

test('what cannot be read is not sent, and is kept', async () => {
  const form = await open([pot(1)])
  await form.act(() => form.now().sayAll({ years: 'long' }))
  await form.act(() => {
    void form.now().send()
  })
  assert.equal(network.made.length, 0)
  await form.act(() => form.now().sayAll({ years: '2,5' }))
  assert.equal((await sent(form))[0]?.look.years, 2.5)
  const again = await open([pot(1)])
  assert.equal(again.now().all.years, '2,5')
})

test('a draft from before more was asked is completed', async () => {
  localStorage.setItem(
    'draft/many-found',
    JSON.stringify({
      chosen: [1],
      all: { drop: '3 cm', roots: 'dense', side: 'no', problems: [], note: '' },
      own: {},
    }),
  )
  const form = await open([pot(1)])
  const [one] = await sent(form)
  assert.deepEqual([one?.drop, one?.roots, one?.look.drains], [3, 'dense', true])
})

test('a number of seasons, nothing, or what is none', () => {
  assert.deepEqual(['', ' 3 ', '2,5', '-1', 'many', '200'].map(yearsOf), [
    null,
    3,
    2.5,
    undefined,
    undefined,
    undefined,
  ])
})
