import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { shippedMaterials } from '../../../../testing/tables'
import { conductivity } from '../conductivity'
import { conductivitySlope } from './conductivitySlope'

const material = fc.constantFrom(...shippedMaterials)
const layerOf = ({ curve, ksCmPerS, entryCm }: (typeof shippedMaterials)[number]) => ({
  thicknessCm: 10,
  curve,
  ksCmPerS,
  entryCm: entryCm ?? null,
})

test('the conductivity of the solver is that of the core', () => {
  fc.assert(
    fc.property(material, fc.double({ min: 0, max: 100, noNaN: true }), (one, suctionCm) => {
      const { k } = conductivitySlope(layerOf(one), -suctionCm)
      const core = conductivity(one.curve, one.ksCmPerS, suctionCm, one.entryCm)
      assert.ok(Math.abs(k - core) <= 1e-9 * one.ksCmPerS, `${one.id} at ${suctionCm} cm`)
    }),
  )
})

test('its slope is the change over a small step, and it never falls as the mix gets wetter', () => {
  fc.assert(
    fc.property(material, fc.double({ min: 0.2, max: 80, noNaN: true }), (one, suctionCm) => {
      const layer = layerOf(one)
      // The bend where the straight line ends has no slope of its own.
      fc.pre(Math.abs(suctionCm - 0.5) > 0.01)
      const step = 1e-5 * suctionCm
      const at = (suction: number) => conductivitySlope(layer, -suction)
      const change = (at(suctionCm - step).k - at(suctionCm + step).k) / (2 * step)
      const { slope } = at(suctionCm)
      assert.ok(slope >= 0)
      assert.ok(Math.abs(slope - change) <= 1e-3 * Math.abs(change) + 1e-12 * one.ksCmPerS)
    }),
  )
})
