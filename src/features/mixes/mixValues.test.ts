import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../testing/tables'
import { blendMedia } from '../../core/media'
import { DEFAULT_MEASURES } from '../../core/units'
import type { MixDesignPage } from '../../messages/mixes/mixViews'
import { changedParts } from './changedParts'
import { costOf } from './mixCost'
import {
  componentsOf,
  containerOf,
  everyDaysOf,
  litresForShare,
  mixBody,
  mixDefaults,
  purposeOf,
} from './mixValues'

const POT = {
  name: 'Stair pot',
  place: 'Stairs',
  count: 2,
  shape: { kind: 'round', topDiameterCm: 32, baseDiameterCm: 24, heightCm: 30 },
  exposure: 'windy',
  headspaceCm: 2.5,
} as const
const page: MixDesignPage = {
  mix: null,
  trials: [],
  standardFor: [],
  caps: [],
  from: null,
  versions: [],
  name: 'Mix',
  note: '',
  parts: [
    { materialId: 'all-purpose-mix', litres: 7.5 },
    { materialId: 'pumice', litres: 2.5 },
  ],
  madeFor: {
    container: { shape: POT.shape, headspaceCm: POT.headspaceCm },
    containerName: POT.name,
    cropId: null,
    groupId: 'most',
    exposure: 'open',
    everyDays: 2,
  },
  materials: [
    { material: material('all-purpose-mix'), pricePerLitre: 0.2, stockLitres: 40, putAway: false },
    { material: material('pumice'), pricePerLitre: null, stockLitres: 0, putAway: false },
  ],
  containers: [POT],
  crops: [],
  groups: [
    {
      id: 'most',
      airMin: 0.12,
      airMax: 0.22,
      pHLow: 5.5,
      pHHigh: 6.8,
      waterPreference: 'even',
      starts: [],
    },
  ],
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
}
const values = mixDefaults(page)
const materials = new Map(page.materials.map((one) => [one.material.id, one.material]))

test('what was saved comes back as it was typed, and goes out as it came', () => {
  assert.deepEqual(
    values.parts.map(({ litres }) => litres),
    ['7.5 L', '2.5 L'],
  )
  assert.equal(values.pot, '0')
  const { parts, madeFor } = mixBody(values, page, DEFAULT_MEASURES)
  assert.deepEqual(parts, page.parts)
  assert.deepEqual(madeFor, page.madeFor)
})

test('parts are read in any unit; what is no amount is no part, and is sent to be refused', () => {
  const typed = { ...values, parts: [...values.parts] }
  typed.parts[0] = { materialId: 'all-purpose-mix', litres: '1/2 bucket' }
  typed.parts[1] = { materialId: 'pumice', litres: 'some' }
  const components = componentsOf(typed, materials, DEFAULT_MEASURES)
  assert.equal(components.length, 1)
  close(components[0]?.parts ?? 0, DEFAULT_MEASURES.bucketL / 2, 1e-9)
  assert.equal(mixBody(typed, page, DEFAULT_MEASURES).parts[1]?.litres, null)
})

test('a pot of dimensions that were typed; one without room is none', () => {
  const other = { ...values, pot: 'other', topDiameter: '40 cm', height: '1 ft' }
  const container = containerOf(other, page, DEFAULT_MEASURES)
  close(container?.fillHeightCm ?? 0, 30.48 - 2.5, 1e-9)
  assert.equal(containerOf({ ...other, height: '2 cm' }, page, DEFAULT_MEASURES), null)
  assert.equal(containerOf({ ...other, height: '0 cm' }, page, DEFAULT_MEASURES), null)
})

test('the wish follows crop or group; how often it is watered must be a number of days', () => {
  assert.equal(purposeOf(values, page).wish?.airMin, 0.12)
  assert.equal(purposeOf({ purpose: '' }, page).wish, null)
  assert.equal(purposeOf({ purpose: 'crop:none' }, page).wish, null)
  assert.equal(everyDaysOf({ everyDays: ' 1,5 days' }), 1.5)
  for (const wrong of ['', 'often', '0', '-2', '90']) {
    assert.equal(everyDaysOf({ everyDays: wrong }), null, wrong)
  }
})

test('a share along the slider becomes litres beside the others', () => {
  close(litresForShare(0.25, 7.5), 2.5, 1e-9)
  assert.equal(litresForShare(0, 7.5), 0)
  close(litresForShare(1, 1), 19, 1e-9)
})

test('a change is rounded outwards to hundredths, and never below nothing', () => {
  const components = componentsOf(values, materials, DEFAULT_MEASURES)
  const after = (materialId: string, deltaParts: number) =>
    changedParts(components, { materialId, deltaParts }).map(({ litres }) => litres)
  assert.deepEqual(after('pumice', 0.331), ['7.5 L', '2.84 L'])
  assert.deepEqual(after('pumice', -0.331), ['7.5 L', '2.16 L'])
  assert.deepEqual(after('pumice', -9), ['7.5 L', '0 L'])
  assert.deepEqual(after('grit', 1), ['7.5 L', '2.5 L', '1 L'])
})

test('a litre has no price while one of its parts has none', () => {
  const components = componentsOf(values, materials, DEFAULT_MEASURES)
  const blend = blendMedia({ components })
  const cost = costOf(components, page.materials, { blend })
  assert.equal(cost.perLitre, null)
  assert.deepEqual(cost.missing, [material('pumice').name])
  const bag = components.slice(0, 1)
  close(
    costOf(bag, page.materials, { blend: blendMedia({ components: bag }) }).perLitre ?? 0,
    0.2,
    1e-9,
  )
})
