import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, crop, material } from '../../../testing/tables'
import { potDemand } from '../chemistry'
import { areaAt, type ContainerShape, containerVolume, plantsIn } from '../containers'
import { blendMedia } from '../media'
import { canopyArea } from './canopyArea'
import { dryDown } from './dryDown'
import { waterGiven } from './waterGiven'

const round = (topDiameterCm: number, baseDiameterCm: number, heightCm: number) =>
  ({ kind: 'round', topDiameterCm, baseDiameterCm, heightCm }) as const
/** Reference evapotranspiration is about 4.5 mm a day then. */
const JULY = { latitudeDeg: 50.4, dayOfYear: 196, tMinC: 12.5, tMaxC: 23.5 }

function inPot(
  cropId: string,
  shape: ContainerShape,
  fillHeightCm: number,
  parts: Readonly<Record<string, number>>,
  exposureFactor = 1,
) {
  const { curve, bulkDensity } = blendMedia({
    components: Object.entries(parts).map(([id, count]) => ({
      material: material(id),
      parts: count,
    })),
  })
  const grown = crop(cropId)
  const { canopyCm2 } = canopyArea({
    ...grown,
    potLitres: containerVolume({ shape, fillHeightCm }),
    rimCm2: areaAt({ shape, zCm: shape.heightCm }),
  })
  return dryDown({
    ...JULY,
    curve,
    bulkDensity,
    shape,
    fillHeightCm,
    kc: grown.kc,
    canopyCm2,
    exposureFactor,
    refillSuctionCm: grown.waterPreference === 'dry-between' ? 100 : 50,
  })
}
const BAG = { 'all-purpose-mix': 1 }

test('July as growers see it: tomatoes daily, baskets every other day, lavender and camellia weekly', () => {
  const tomato = inPot('tomato-tall', round(32, 26, 32), 29.5, BAG)
  close(tomato.et0MmPerDay, 4.5, 0.2)
  close(tomato.lossLPerDay, 2.4, 0.3, 'a tall tomato in about 20 L')
  const cramped = inPot('tomato-tall', round(25, 19, 25), 22.5, BAG)
  close(cramped.lossLPerDay, 1.6, 0.3, 'the same in about 9 L')
  assert.ok(cramped.days && cramped.days > 0.5 && cramped.days < 2, String(cramped.days))
  const basket = inPot('petunia', { kind: 'bowl', rimDiameterCm: 38, heightCm: 18 }, 16, BAG)
  assert.ok(basket.days && basket.days > 1 && basket.days < 3, String(basket.days))
  const lavender = inPot(
    'lavender',
    round(32, 26, 28),
    25.5,
    { 'all-purpose-mix': 3, 'perlite-coarse': 1 },
    1.3,
  )
  assert.ok(lavender.days && lavender.days > 4 && lavender.days < 8, String(lavender.days))
  const camellia = inPot('camellia', round(44, 37, 45), 42, { 'bark-fine': 1, 'acid-mix': 2 }, 0.7)
  assert.ok(camellia.days && camellia.days > 4 && camellia.days < 8, String(camellia.days))
})

test('a plant with less than its litres stays smaller, more of them shade each other', () => {
  const tomato = { canopyCm2: 4800, litresPerPlant: 20, rimCm2: 800 }
  assert.deepEqual(canopyArea({ ...tomato, potLitres: 20 }), { canopyCm2: 4800, plants: 1 })
  close(canopyArea({ ...tomato, potLitres: 2.5 }).canopyCm2, 4800 / 4, 1e-9)
  const young = canopyArea({ ...tomato, potLitres: 20, share: 0.3 })
  close(young.canopyCm2, 1440, 1e-9)
  // Five rims, where no single plant shades more.
  assert.equal(canopyArea({ ...tomato, potLitres: 60, rimCm2: 1200 }).canopyCm2, 6000)
  assert.equal(canopyArea({ ...tomato, potLitres: 60, rimCm2: 500 }).canopyCm2, 4800)
  assert.equal(canopyArea({ ...tomato, potLitres: 20, plants: 1, rimCm2: 9000 }).canopyCm2, 9000)
  assert.deepEqual(canopyArea({ ...tomato, canopyCm2: null, potLitres: 45 }), {
    canopyCm2: 800,
    plants: 2,
  })
  assert.throws(() => canopyArea({ ...tomato, potLitres: 0 }), { code: 'out-of-range' })
  assert.throws(() => canopyArea({ ...tomato, potLitres: 9, share: 1.1 }), { code: 'out-of-range' })
  assert.throws(() => plantsIn({ litresPerPlant: 5, potLitres: 9, plants: 1.5 }), {
    code: 'bad-argument',
  })
})

test('in half its litres a big tomato asks 1.26 times as much of each, in twice of them half', () => {
  const tomato = { nSeasonMgPerL: 450, litresPerPlant: 20 }
  close(potDemand({ ...tomato, potLitres: 10 }) / 450, 1.26, 0.001)
  assert.equal(potDemand({ ...tomato, potLitres: 20 }), 450)
  close(potDemand({ ...tomato, potLitres: 40, plants: 1 }), 225, 1e-9)
  assert.equal(potDemand({ ...tomato, potLitres: 40 }), 450, 'two stand in it')
})

test('water given is what is lost and runs through, less the rain on the rim, never below nothing', () => {
  const month = { dayOfYear: 196, tMinC: 14, tMaxC: 21, rainMm: 0 }
  const given = (more: Partial<Parameters<typeof waterGiven>[0]>) =>
    waterGiven({
      months: [month],
      latitudeDeg: 50.4,
      kc: 1,
      canopyCm2: 4000,
      rimCm2: 1000,
      ...more,
    })
  const dry = given({})
  close(given({ kc: 0.5 }), dry / 2, 1e-9)
  close(given({ canopyCm2: 0 }), dry / 4, 1e-9, 'at least the rim counts')
  close(given({ months: [{ ...month, rainMm: 50 }] }), dry - 5, 1e-9)
  assert.equal(given({ months: [{ ...month, rainMm: 5000 }] }), 0)
  close(given({ months: [month, month], exposureFactor: 0.4 }), 2 * 0.4 * dry, 1e-9)
})
