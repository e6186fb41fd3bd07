import assert from 'node:assert/strict'
import { test } from 'node:test'
import { MIX_SETTING } from '../../../testing/samples'
import { material, shippedMaterials } from '../../../testing/tables'
import { closestMix } from './closestMix'

const container = MIX_SETTING.container
const peatMix = [
  { material: material('peat-medium'), parts: 6 },
  { material: material('green-waste-compost'), parts: 2 },
  { material: material('perlite-coarse'), parts: 2 },
]
const without = (id: string) =>
  shippedMaterials
    .filter(
      (one) =>
        one.id !== id && !['mineral soil', 'spent media', 'breakdown product'].includes(one.group),
    )
    .map((one) => ({ material: one, mostParts: Number.POSITIVE_INFINITY }))

test('what has to go is replaced, what may stay stays, and the litres stay the same', () => {
  const found = closestMix({ components: peatMix, usable: without('peat-medium'), container })
  assert.ok(found)
  const litresOf = (id: string) => found.parts.find((one) => one.materialId === id)?.parts ?? 0
  assert.equal(litresOf('peat-medium'), 0)
  assert.ok(litresOf('green-waste-compost') >= 2 && litresOf('perlite-coarse') >= 2)
  assert.ok(Math.abs(found.parts.reduce((sum, { parts }) => sum + parts, 0) - 10) < 1e-9)
  // A grower would notice a tenth more or less air; what is offered is nearer than that.
  assert.ok(Math.abs(found.after.air - found.before.air) < 0.06)
  assert.ok(Math.abs(found.after.available - found.before.available) < 0.06)
})

test('no other replacement by one material is nearer', () => {
  const usable = without('peat-medium')
  const found = closestMix({ components: peatMix, usable, container })
  assert.ok(found)
  const distance = (after: typeof found.after) =>
    ((after.ph - found.before.ph) / 0.5) ** 2 +
    (Math.max(0, after.ecSme - found.before.ecSme) / (0.3 * found.before.ecSme + 0.1)) ** 2 +
    ((after.air - found.before.air) / 0.03) ** 2 +
    ((after.available - found.before.available) / 0.03) ** 2
  for (const one of usable) {
    const rival = closestMix({
      components: peatMix,
      usable: [
        one,
        ...usable.filter(
          ({ material: { id } }) =>
            id !== one.material.id && ['green-waste-compost', 'perlite-coarse'].includes(id),
        ),
      ],
      container,
    })
    if (rival) assert.ok(distance(found.after) <= distance(rival.after) + 1e-9, one.material.id)
  }
})

test('no more of a material than there is', () => {
  const usable = ['coir-pith', 'bark-fine', 'green-waste-compost', 'perlite-coarse'].map((id) => ({
    material: material(id),
    mostParts: id === 'coir-pith' ? 4 : id === 'perlite-coarse' ? 1 : 20,
  }))
  const found = closestMix({ components: peatMix, usable, container })
  assert.ok(found)
  for (const { materialId, parts } of found.parts) {
    const most = usable.find((one) => one.material.id === materialId)?.mostParts ?? 0
    assert.ok(parts <= most + 1e-9, materialId)
  }
})

test('nothing has to go, or nothing is there: no replacement', () => {
  const all = peatMix.map((one) => ({ material: one.material, mostParts: 10 }))
  assert.equal(closestMix({ components: peatMix, usable: all, container }), null)
  assert.equal(closestMix({ components: peatMix, usable: [], container }), null)
})
