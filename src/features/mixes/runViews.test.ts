import assert from 'node:assert/strict'
import { test } from 'node:test'
import { POT } from '../../../testing/samples'
import { material } from '../../../testing/tables'
import type { MixRun } from '../../workers/jobs'
import { strataOfMix } from './mixPot'
import { componentsOfMix, fillOf, fillOnLayer, potRun } from './runViews'

const materials = new Map(
  ['peat-medium', 'perlite-coarse', 'gravel'].map((id) => [id, material(id)] as const),
)
const mix = [
  { material: material('peat-medium'), parts: 3 },
  { material: material('perlite-coarse'), parts: 1 },
]
const above = fillOf('House mix', 'House mix', mix, { shape: POT, headspaceCm: 2.5 })

test('a mix that was tested is watered as its test found it, the rest as the table says', () => {
  const asTested = [{ ...material('peat-medium'), ksCmPerS: 0.123 }]
  const parts = [
    { materialId: 'peat-medium', litres: 3 },
    { materialId: 'perlite-coarse', litres: 1 },
    { materialId: 'not-there-any-more', litres: 5 },
  ]
  const components = componentsOfMix({ parts, asTested }, materials)
  assert.deepEqual(
    components.map(({ material: { id, ksCmPerS }, parts: litres }) => [id, ksCmPerS, litres]),
    [
      ['peat-medium', 0.123, 3],
      ['perlite-coarse', material('perlite-coarse').ksCmPerS, 1],
    ],
  )
})

test('a pot is filled to its gap', () => {
  assert.deepEqual(
    above.layers.map(({ thicknessCm }) => thicknessCm),
    [POT.heightCm - 2.5],
  )
  assert.deepEqual(above.layerNames, ['House mix'])
})

test('a bottom layer takes its height from the mix above, a filler shortens the column', () => {
  const gravel = { name: 'Gravel', components: [{ material: material('gravel'), parts: 1 }] }
  const layered = fillOnLayer('On gravel', above, gravel, 5)
  assert.deepEqual(
    layered.layers.map(({ thicknessCm }) => thicknessCm),
    [5, 15],
  )
  assert.deepEqual(layered.layerNames, ['Gravel', 'House mix'])
  assert.equal(layered.fillerCm, undefined)
  const raised = fillOnLayer('On pots', above, null, 5)
  assert.deepEqual(
    [raised.fillerCm, raised.layers.map(({ thicknessCm }) => thicknessCm)],
    [5, [15]],
  )
})

test('a layer of nothing, or one that leaves no mix above it, is none', () => {
  for (const cm of [0, -3, Number.NaN, 19.5, 40]) {
    const same = fillOnLayer('As it is', above, null, cm)
    assert.deepEqual(same, { ...above, name: 'As it is' })
  }
})

test('shares of a mix add up to one, of nothing to none', () => {
  const strata = strataOfMix(mix)
  assert.deepEqual(
    strata.map(({ materialId, share }) => [materialId, share]),
    [
      ['peat-medium', 0.75],
      ['perlite-coarse', 0.25],
    ],
  )
  assert.deepEqual(
    strataOfMix(mix.map((one) => ({ ...one, parts: 0 }))).map(({ share }) => share),
    [0, 0],
  )
})

test('the picture of a run shows each layer with what it became', () => {
  const gravel = { name: 'Gravel', components: [{ material: material('gravel'), parts: 1 }] }
  const fill = fillOnLayer('On gravel', above, gravel, 5)
  const mixes = [
    { thicknessCm: 5, curve: material('gravel').curve, ksCmPerS: 2 },
    { thicknessCm: 15, curve: material('peat-medium').curve, ksCmPerS: 0.01 },
  ]
  const run = {
    mixes,
    frames: [],
    layers: [{ air: 0.35 }, { air: 0.21 }],
    thinAirUpToCm: 7,
  } as unknown as MixRun
  const { pot, name } = potRun(fill, run)
  assert.equal(name, 'On gravel')
  assert.equal(pot.airFraction, 0.21, 'of the mix the roots are in')
  assert.equal(pot.lowAirDepthCm, 7)
  assert.deepEqual(
    pot.layers?.map(({ name, ksCmPerS }) => [name, ksCmPerS]),
    [
      ['Gravel', 2],
      ['House mix', 0.01],
    ],
  )
  assert.equal(
    potRun(above, { ...run, mixes: mixes.slice(1), layers: [run.layers[1]] } as MixRun).pot.layers,
    undefined,
  )
  assert.throws(() => potRun(above, { ...run, mixes: [] }), /at least one layer/)
})
