import assert from 'node:assert/strict'
import { test } from 'node:test'
import { material } from '../../../testing/tables'
import { inningsRange } from './inningsRange'

const mix = (wood: number) => ({
  components: [
    { material: material('peat-medium'), parts: 6 },
    { material: material('garden-compost'), parts: 3 },
    { material: material('perlite-coarse'), parts: wood },
  ],
  container: {
    shape: { kind: 'round', topDiameterCm: 28, baseDiameterCm: 22, heightCm: 26 },
    fillHeightCm: 23,
  } as const,
  cropAirMin: 0.12,
  seasonMeanTempC: 16,
  humifiedFines: material('humified-fines'),
})

test('the range of innings holds the number itself, is wider the less is known, and ends where counting ends', () => {
  for (const wood of [0, 1, 2, 4, 8]) {
    const sure = inningsRange({ ...mix(wood), air: { p10: 0.2, p50: 0.2, p90: 0.2 } })
    assert.deepEqual([sure.p10, sure.p90], [sure.value, sure.value])
    const unsure = inningsRange({ ...mix(wood), air: { p10: 0.15, p50: 0.2, p90: 0.25 } })
    assert.equal(unsure.value, sure.value)
    assert.ok(unsure.p10 <= unsure.value && unsure.value <= unsure.p90)
    assert.ok(unsure.p90 <= unsure.most)
    const wider = inningsRange({ ...mix(wood), air: { p10: 0.1, p50: 0.2, p90: 0.3 } })
    assert.ok(wider.p10 <= unsure.p10 && wider.p90 >= unsure.p90)
  }
})

test('what keeps air lets a mix serve longer', () => {
  const air = { p10: 0.2, p50: 0.2, p90: 0.2 }
  const innings = [0, 2, 6].map((wood) => inningsRange({ ...mix(wood), air }).value)
  assert.ok((innings[0] ?? 0) <= (innings[1] ?? 0) && (innings[1] ?? 0) <= (innings[2] ?? 0))
  assert.ok((innings[2] ?? 0) > (innings[0] ?? 0))
})
