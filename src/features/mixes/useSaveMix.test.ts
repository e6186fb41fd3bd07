import assert from 'node:assert/strict'
import { afterEach, beforeEach, mock, test } from 'node:test'
import { type UseFormReturn, useForm } from 'react-hook-form'
import { onSite } from '../../../testing/onSite'
import { catchRequests, settle } from '../../../testing/renderHook'
import { material } from '../../../testing/tables'
import type { MixDesignPage } from '../../messages/mixes/mixViews'
import { type MixValues, mixDefaults } from './mixValues'
import { useSaveMix } from './useSaveMix'

const SHAPE = { kind: 'round', topDiameterCm: 32, baseDiameterCm: 24, heightCm: 30 } as const
const page = (mix: MixDesignPage['mix'] = null): MixDesignPage => ({
  mix,
  trials: [],
  standardFor: [],
  caps: [],
  from: null,
  versions: [],
  name: 'House mix',
  note: '',
  parts: [
    { materialId: 'all-purpose-mix', litres: 7.5 },
    { materialId: 'pumice', litres: 2.5 },
  ],
  madeFor: {
    container: { shape: SHAPE, headspaceCm: 2.5 },
    containerName: 'Stair pot',
    cropId: null,
    groupId: null,
    exposure: 'open',
    everyDays: 2,
  },
  materials: ['all-purpose-mix', 'pumice'].map((id) => ({
    material: material(id),
    pricePerLitre: 0.2,
    stockLitres: 40,
    putAway: false,
  })),
  containers: [],
  crops: [],
  groups: [],
  place: {
    latitudeDeg: 50,
    dayOfYear: 196,
    tMinC: 13,
    tMaxC: 21,
    seasonMeanTempC: 15,
    growing: [],
  },
  alkalinityMgPerL: 180,
  tested: null,
  month: 6,
  humifiedFines: material('humified-fines'),
  first: null,
})

let network: ReturnType<typeof catchRequests>
let gone: string[]
beforeEach(() => {
  sessionStorage.clear()
  network = catchRequests()
  gone = []
  mock.method(window.location, 'assign', (address: string) => gone.push(address))
})
afterEach(() => {
  network.restore()
  mock.restoreAll()
})

async function open(of: MixDesignPage) {
  const thrownAway: string[] = []
  const on = await onSite(() => {
    const form: UseFormReturn<MixValues> = useForm({ defaultValues: mixDefaults(of) })
    return { form, ...useSaveMix(form, of, () => thrownAway.push('draft')) }
  })
  return { ...on, thrownAway }
}
type Opened = Awaited<ReturnType<typeof open>>

async function press(on: Opened, key: 'save' | 'putAway'): Promise<void> {
  await on.act(async () => {
    void on.now()[key]()
    await settle()
  })
}
async function answer(on: Opened, status: number, body: unknown): Promise<void> {
  await on.act(async () => {
    network.made.at(-1)?.answer(status, body)
    await settle()
  })
}
const toast = () => JSON.parse(sessionStorage.getItem('toast') ?? 'null')

test('a new mix is written down with its parts and its pot, and its own page is gone to', async () => {
  const on = await open(page())
  await on.act(() => on.now().form.setValue('parts.0.litres', '8 L'))
  await press(on, 'save')
  const [sent] = network.made
  assert.deepEqual([sent?.method, sent?.address], ['POST', '/api/mixes'])
  const { name, parts, madeFor, ...rest } = (sent?.body ?? {}) as {
    name: string
    parts: unknown
    madeFor: { container: unknown; everyDays: number }
  }
  assert.equal(name, 'House mix')
  assert.deepEqual(parts, [
    { materialId: 'all-purpose-mix', litres: 8 },
    { materialId: 'pumice', litres: 2.5 },
  ])
  assert.deepEqual(madeFor.container, { shape: SHAPE, headspaceCm: 2.5 })
  assert.equal(madeFor.everyDays, 2)
  assert.deepEqual(rest, { note: '' })
  await answer(on, 201, { id: 12 })
  assert.deepEqual(gone, ['/mixes/design?mix=12'])
  assert.deepEqual(on.thrownAway, ['draft'])
  assert.match(toast()?.text ?? '', /House mix/)
  await on.unmount()
})

test('one that is there already gets its next version, after the one that was read', async () => {
  const on = await open(page({ id: 3, version: 2 } as MixDesignPage['mix']))
  await press(on, 'save')
  const [sent] = network.made
  assert.deepEqual([sent?.method, sent?.address], ['POST', '/api/mixes/3/versions'])
  assert.equal(((sent?.body ?? {}) as { after: number }).after, 2)
  await answer(on, 201, { version: 3 })
  assert.deepEqual(gone, ['/mixes/design?mix=3'])
  assert.match(toast()?.text ?? '', /3/)
  await on.unmount()
})

test('what is refused is told at its field; the draft stays, and no page is left', async () => {
  const on = await open(page())
  await on.act(() => on.now().form.setValue('name', ''))
  await press(on, 'save')
  await answer(on, 422, {
    type: 'about:blank',
    title: 'Not valid',
    status: 422,
    code: 'not-valid',
    detail: 'The name is missing.',
    fields: [{ field: 'name', message: 'Give it a name.' }],
  })
  assert.equal(on.now().errorOf('name')?.message, 'Give it a name.')
  assert.deepEqual([gone, on.thrownAway], [[], []])
  await on.unmount()
})

test('a line that broke loses nothing either', async () => {
  const on = await open(page())
  await press(on, 'save')
  await answer(on, 0, null)
  assert.ok(on.now().problem, 'that no answer came is told')
  assert.equal(on.now().form.getValues('name'), 'House mix')
  assert.deepEqual([gone, on.thrownAway], [[], []])
  await on.unmount()
})

test('a mix that is put away can be taken up again from where one lands', async () => {
  const on = await open(page({ id: 3, version: 2 } as MixDesignPage['mix']))
  await press(on, 'putAway')
  assert.equal(network.made[0]?.address, '/api/mixes/3/put-away')
  await answer(on, 200, {})
  assert.deepEqual(gone, ['/mixes'])
  assert.deepEqual(toast()?.undo, { method: 'POST', address: '/api/mixes/3/take-up', body: {} })
  await on.unmount()
  const fresh = await open(page())
  await press(fresh, 'putAway')
  assert.equal(network.made.length, 1, 'what was never written down is not put away')
  await fresh.unmount()
})
