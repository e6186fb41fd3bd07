import assert from 'node:assert/strict'
import { test } from 'node:test'
import { crop, material } from '../../../../testing/tables'
import { limeBar } from './limeGuard'

const one = (id: string) => [{ material: material(id), parts: 1 }]
const bar = (cropId: string, id: string) => limeBar({ crop: crop(cropId), components: one(id) })

test('what brings lime or is alkaline does not come to a lime hater; everything comes to a chard', () => {
  assert.equal(bar('blueberry', 'mushroom-compost'), 'lime')
  assert.equal(bar('blueberry', 'green-waste-compost'), 'lime')
  assert.equal(bar('camellia', 'garden-compost'), 'lime')
  assert.equal(bar('blueberry', 'acid-mix'), null)
  assert.equal(bar('blueberry', 'peat-medium'), null)
  assert.equal(bar('blueberry', 'leaf-mould'), 'alkaline')
  assert.equal(bar('camellia', 'leaf-mould'), 'alkaline')
  assert.equal(bar('chard', 'mushroom-compost'), null)
})

test('a lot that was limed, or measured, tells by that', () => {
  const blueberry = crop('blueberry')
  const acid = one('acid-mix')
  assert.equal(limeBar({ crop: blueberry, components: acid, unreactedLimeGPerL: 1 }), 'lime')
  assert.equal(limeBar({ crop: blueberry, components: acid, ph: 6.8 }), 'alkaline')
  assert.equal(limeBar({ crop: blueberry, components: acid, ph: 4.8 }), null)
  assert.equal(limeBar({ crop: blueberry, components: [] }), null)
})
