import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../testing/tables'
import { containerVolume } from '../containers'
import { containerCapacity } from '../media'
import { dryDown } from './dryDown'
import { wateringFit } from './wateringFit'

const POT = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const
const { curve, bulkDensity } = material('all-purpose-mix')
const JULY = {
  curve,
  bulkDensity,
  shape: POT,
  fillHeightCm: 20,
  latitudeDeg: 50.4,
  dayOfYear: 196,
  tMinC: 14,
  tMaxC: 21,
  kc: 1,
  canopyCm2: 0,
}

test('days are usable water over daily loss, and the weights differ by that water', () => {
  const dry = dryDown({ ...JULY, containerKg: 0.5 })
  close(dry.days ?? 0, dry.usableLitres / dry.lossLPerDay, 1e-12)
  close(dry.lossLPerDay, (dry.et0MmPerDay * Math.PI * 12 * 12) / 10_000, 1e-9, 'the rim’s area')
  close(dry.heftCapacityKg - dry.heftRefillKg, dry.usableLitres, 1e-9)
  const litres = containerVolume({ shape: POT, fillHeightCm: 20 })
  const { waterLitres } = containerCapacity({ curve, shape: POT, fillHeightCm: 20 })
  close(dry.heftCapacityKg, 0.5 + bulkDensity * litres + waterLitres, 1e-9)
  close(dry.saturatedKg, 0.5 + (bulkDensity + curve.thetaS) * litres, 1e-9)
  assert.ok(dry.days && dry.days > 3 && dry.days < 20)
})

test('wind, a wide canopy and heat shorten it; a later refill lengthens it; no loss lasts for ever', () => {
  const days = (more: Partial<Parameters<typeof dryDown>[0]>) =>
    dryDown({ ...JULY, ...more }).days ?? Number.POSITIVE_INFINITY
  const usual = days({})
  assert.ok(days({ exposureFactor: 1.3 }) < usual)
  assert.ok(days({ canopyCm2: 2000 }) < usual)
  assert.equal(days({ canopyCm2: 10 }), usual, 'at least the rim counts')
  assert.ok(days({ tMinC: 18, tMaxC: 32 }) < usual)
  assert.ok(days({ refillSuctionCm: 100 }) > usual)
  assert.equal(dryDown({ ...JULY, kc: 0 }).days, null)
})

test('a habit against what the pot lasts', () => {
  const fit = (days: number | null, everyDays: number, airFraction: number) =>
    wateringFit({ days, everyDays, airFraction, cropAirMin: 0.14 }).verdict
  assert.equal(fit(6, 1, 0.08), 'stays wet')
  assert.equal(fit(6, 1, 0.2), 'fits', 'airy enough for daily water')
  assert.equal(fit(6, 6, 0.08), 'fits')
  assert.equal(fit(6, 7.3, 0.2), 'dries out')
  assert.equal(fit(null, 2, 0.05), 'stays wet')
  const thyme = { days: 6, airFraction: 0.3, cropAirMin: 0.2, likesDry: true }
  assert.equal(wateringFit({ ...thyme, everyDays: 2 }).verdict, 'stays wet', 'airy, but never dry')
  assert.equal(wateringFit({ ...thyme, everyDays: 5 }).verdict, 'fits')
})
