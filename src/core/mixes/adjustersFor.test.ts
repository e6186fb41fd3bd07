import assert from 'node:assert/strict'
import { test } from 'node:test'
import { MIX_SETTING } from '../../../testing/samples'
import { material } from '../../../testing/tables'
import { type MixChangeAnswer, runJob } from '../../workers/jobs'
import { adjustersFor } from './adjustersFor'
import type { MixInPlace } from './mixInPlace'

const mix = {
  components: [{ material: material('all-purpose-mix'), parts: 10 }],
  ...MIX_SETTING,
}
const done = <T>(name: Parameters<typeof runJob>[0], question: unknown): T => {
  const outcome = runJob(name, question, () => {})
  assert.ok(outcome.ok)
  return outcome.value as T
}
const answer = done<MixInPlace>('mixInPlace', mix)

test('each adjuster is a change that can be computed and does what it says', () => {
  const adjusters = adjustersFor(answer, { wish: null })
  assert.deepEqual(adjusters.map(({ id }) => id).sort(), [
    'cool',
    'daily',
    'forget',
    'heavy',
    'light',
    'windy',
  ])
  const candidates = ['perlite-coarse', 'grit', 'vermiculite-medium', 'rice-hulls', 'coir-pith']
  for (const { id, quality, low, high } of adjusters.filter((one) => one.id !== 'forget')) {
    const { change } = done<MixChangeAnswer>('mixChange', {
      quality,
      mix,
      low,
      high,
      candidates: candidates.map(material),
      pricePerLitre: {},
    })
    // A bag alone cannot always be made to last longer by one material; the rest can be reached.
    if (quality === 'days' && change === null) continue
    assert.ok(change, id)
    assert.ok(change.value >= low - 1e-6 && change.value <= high + 1e-6, id)
  }
})

test('air is never asked for above what the crop wants', () => {
  const air = answer.capacity.airFraction
  const wish = {
    airMin: 0.1,
    airMax: air + 0.002,
    pHLow: 5,
    pHHigh: 7,
    ecMaxSme: null,
    rootDepthCm: null,
  }
  assert.ok(adjustersFor(answer, { wish }).every(({ quality }) => quality !== 'air'))
})

const WISH = { airMin: 0.14, airMax: 0.27, pHLow: 5.5, pHHigh: 6.5, ecMaxSme: 2, rootDepthCm: 20 }
const pot = (name: string, heightCm: number, litres: number) => ({
  name,
  shape: {
    kind: 'rectangular',
    topLengthCm: (1000 * litres) / 20 / heightCm,
    topWidthCm: 20,
    baseLengthCm: (1000 * litres) / 20 / heightCm,
    baseWidthCm: 20,
    heightCm: heightCm + 2,
  } as const,
  headspaceCm: 2,
  litres,
})

test('the mix is moved into the nearest smaller and the nearest lower of the own pots', () => {
  const present = pot('present', 20, 7)
  const pots = [
    present,
    pot('tiny', 10, 1),
    pot('small', 20, 4),
    pot('low', 14, 9),
    pot('tray', 6, 6),
  ]
  const adjusters = adjustersFor(answer, { wish: WISH, pot: present, pots, everyDays: 2 })
  const potOf = (id: string) => adjusters.find((one) => one.id === id)?.pot?.name
  assert.equal(potOf('small'), 'small')
  assert.equal(potOf('shallow'), 'low')
  const alone = adjustersFor(answer, { wish: WISH, pot: present, pots: [present], everyDays: 2 })
  assert.ok(alone.every(({ id }) => id !== 'small' && id !== 'shallow'))
})

test('hard water: the change keeps the pH of autumn in the band, and rain water would too', () => {
  const mix = {
    components: [
      { material: material('coir-pith'), parts: 9 },
      { material: material('green-waste-compost'), parts: 1 },
    ],
    ...MIX_SETTING,
    place: { ...MIX_SETTING.place, exposureFactor: 0.4 },
  }
  const hard = adjustersFor(done<MixInPlace>('mixInPlace', mix), {
    wish: WISH,
    alkalinityMgPerL: 320,
  }).find(({ id }) => id === 'hardWater')
  assert.ok(hard?.water)
  assert.equal(hard.water.alkalinityMgPerL, 320)
  assert.ok(hard.rainShare !== undefined && hard.rainShare > 0 && hard.rainShare <= 1)
  const { before, change } = done<MixChangeAnswer>('mixChange', {
    quality: hard.quality,
    mix,
    low: hard.low,
    high: hard.high,
    water: hard.water,
    candidates: ['peat-medium', 'bark-fine'].map(material),
    pricePerLitre: {},
  })
  assert.ok(before > WISH.pHHigh)
  assert.ok(change && change.value <= WISH.pHHigh + 1e-6 && change.value >= WISH.pHLow)
  // Without a wish there is no band to keep.
  assert.ok(adjustersFor(answer, { wish: null }).every(({ id }) => id !== 'hardWater'))
})
