import assert from 'node:assert/strict'
import { afterEach, beforeEach, mock, test } from 'node:test'
import { onSite } from '../../../../testing/onSite'
import { close as near } from '../../../../testing/tables'
import { containerVolume } from '../../../core/containers'
import type { IntakePage } from '../../../messages/recondition/turnover'
import { intake as words } from '../../../ui/texts/recondition/intake'
import { type Given, useIntake } from './useIntake'

const SHAPE = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22 } as const

const page = (told: Partial<IntakePage['answers']> = {}, lot: Partial<IntakePage['lot']> = {}) =>
  ({
    trouble: null,
    families: [],
    lot: {
      id: 3,
      name: 'Long trough',
      litres: 12,
      where: 'Steps',
      strata: [],
      innings: [],
      lastCropId: null,
      lastCropName: null,
      expectedDropCm: 3.04,
      ...lot,
    },
    crops: [{ id: 'strawberry', name: 'Strawberry' }],
    pots: [
      { id: 1, own: true, shape: SHAPE, headspaceCm: 2, litres: 6 },
      { id: 2, own: true, shape: SHAPE, headspaceCm: 2, litres: 6 },
      { id: 9, own: false, shape: SHAPE, headspaceCm: 2, litres: 8 },
    ],
    answers: {
      side: null,
      sideOn: null,
      sieveLossShare: null,
      sieveOn: null,
      looked: null,
      every: null,
      ...told,
    },
    usual: { share: 0.25, feed: 'organic', place: 'tipped', way: 'compare' },
  }) as unknown as IntakePage

let gone: string[]
beforeEach(() => {
  localStorage.clear()
  gone = []
  mock.method(window.location, 'assign', (address: string) => gone.push(address))
})
afterEach(() => mock.restoreAll())

async function open(of: IntakePage, given: Given = {}) {
  const focused: string[] = []
  const on = await onSite(() => useIntake(of, given))
  await on.act(() => {
    for (const name of ['drop', 'crop', 'pots', 'litres', 'every'] as const) {
      on.now()
        .form.register(name)
        .ref({ name, focus: () => focused.push(name) })
    }
  })
  return { ...on, focused }
}
type Opened = Awaited<ReturnType<typeof open>>

const type = (on: Opened, name: 'drop' | 'crop' | 'litres' | 'every', text: string) =>
  on.act(() => on.now().form.setValue(name, text))
const goOn = (on: Opened) =>
  on.act(async () => {
    await on.now().toWays()
    // A field is gone to once the page has settled: this waits behind it.
    await new Promise((behind) => setTimeout(behind))
  })

test('it begins with what the ledger lets expect and how this garden works', async () => {
  const on = await open(page())
  const { values, found } = on.now()
  assert.deepEqual(
    [values.drop, values.roots, values.side, values.share, values.feed, values.place],
    ['3 cm', 'fine', 'no', '0.25', 'organic', 'tipped'],
  )
  assert.deepEqual(values.pots, ['1', '2'], 'the pots it stands in')
  near(found ?? 0, 2 * containerVolume({ shape: SHAPE, fillHeightCm: 17 }), 0.02)
  await on.unmount()
})

test('what somebody found at the pots already, and what a test showed, stands before it', async () => {
  const looked = { dropCm: 4, roots: 'dense', side: 'no', years: 3, on: '2026-10-30' } as const
  const on = await open(page({ looked, side: 'yes', every: 2 }))
  const { values } = on.now()
  assert.deepEqual(
    [values.drop, values.roots, values.side, values.every],
    ['4 cm', 'dense', 'yes', '2'],
  )
  await on.unmount()
  localStorage.clear()
  // Whoever comes back from the recipe finds what was answered.
  const back = await open(page({ looked }), { drop: 1, roots: 'woody', pots: [9], litres: 7.26 })
  const again = back.now().values
  assert.deepEqual(
    [again.drop, again.roots, again.pots, again.litres],
    ['1 cm', 'woody', ['9'], '7.3 L'],
  )
  await back.unmount()
})

test('the ways to go on get every answer in their address', async () => {
  const on = await open(page())
  await type(on, 'crop', 'strawberry')
  await type(on, 'drop', '4,5 cm')
  await type(on, 'every', '2 days')
  await goOn(on)
  const [address = ''] = gone
  const asked = new URL(address, 'http://localhost')
  assert.equal(asked.pathname, '/turnover/ways')
  assert.deepEqual(Object.fromEntries(asked.searchParams), {
    lot: '3',
    drop: '4.5',
    roots: 'fine',
    side: 'no',
    crop: 'strawberry',
    pots: '1,2',
    share: '0.25',
    feed: 'organic',
    every: '2',
    place: 'tipped',
  })
  await on.act(() => on.now().toRecipe('compost')())
  assert.match(gone[1] ?? '', /^\/turnover\/recipe\?.*way=compost/)
  await on.unmount()
})

test('what is missing is told at its field, the first of them is gone to, and nothing is asked for', async () => {
  const on = await open(page())
  assert.equal(on.now().missing.crop, undefined, 'not before somebody tried')
  await goOn(on)
  assert.equal(on.now().missing.crop, words.chooseCrop)
  assert.deepEqual(on.focused, ['crop'])
  await type(on, 'crop', 'strawberry')
  await on.act(() => on.now().form.setValue('pots', []))
  await goOn(on)
  assert.equal(on.now().missing.pots, words.choosePot)
  assert.equal(on.focused.at(-1), 'pots')
  assert.deepEqual(gone, [])
  await on.unmount()
})

test('a surface at the base, more than fits, nothing, and days nobody can have are told', async () => {
  const on = await open(page())
  await type(on, 'crop', 'strawberry')
  await type(on, 'drop', '40 cm')
  assert.equal(on.now().missing.drop, words.nothingLeft)
  await goOn(on)
  assert.equal(on.focused.at(-1), 'drop')
  await type(on, 'drop', '3 cm')

  await type(on, 'litres', '12.5 L')
  assert.match(on.now().missing.litres ?? '', /12.*12|12\.5/)
  await goOn(on)
  assert.equal(on.focused.at(-1), 'litres')
  await type(on, 'litres', '0')
  assert.equal(on.now().missing.litres, words.nothingWanted)
  await type(on, 'litres', '11 L')
  assert.equal(on.now().missing.litres, undefined)

  for (const odd of ['soon', '0', '-2', '61']) {
    await type(on, 'every', odd)
    assert.equal(on.now().missing.every, words.everyUnread, odd)
  }
  await goOn(on)
  assert.equal(on.focused.at(-1), 'every')
  assert.deepEqual(gone, [])
  await type(on, 'every', '1.5')
  await goOn(on)
  assert.match(gone[0] ?? '', /litres=11.*every=1\.5/)
  await on.unmount()
})

test('in a store bin nothing has sunk; a lone box that is ticked is one pot', async () => {
  const bin = page({}, { expectedDropCm: null })
  const on = await open({ ...bin, pots: bin.pots.map((pot) => ({ ...pot, own: false })) })
  assert.equal(on.now().values.drop, '')
  assert.equal(on.now().found, null)
  await on.act(() => on.now().form.setValue('pots', '9' as never))
  assert.equal(on.now().room, 8)
  await on.act(() => on.now().form.setValue('pots', false as never))
  assert.equal(on.now().room, 0)
  await on.unmount()
})

test('what was typed is there again after a reload, and gone once it is thrown away', async () => {
  const before = await open(page())
  await type(before, 'drop', '6 cm')
  await before.unmount()
  const after = await open(page())
  assert.equal(after.now().values.drop, '6 cm')
  await after.act(() => after.now().throwAway())
  await after.unmount()
  const anew = await open(page())
  assert.equal(anew.now().values.drop, '3 cm')
  await anew.unmount()
})
