import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close, material } from '../../../testing/tables'
import { DomainError } from '../errors'
import { ageMedia } from './ageMedia'
import { blendMedia } from './blendMedia'
import { calibrateFromPorosity } from './calibrateFromPorosity'
import { containerCapacity } from './containerCapacity'

const FINES = material('humified-fines')
const COLUMN = { kind: 'round', topDiameterCm: 10, baseDiameterCm: 10, heightCm: 25 } as const

test('a year at 20 °C: what rots, and the humus that stays', () => {
  const peat = material('peat-medium')
  const { components, volumeRatio } = ageMedia({
    components: [{ material: peat, parts: 10 }],
    months: 12,
    meanTempC: 20,
    humifiedFines: FINES,
  })
  const lost = 10 * (1 - Math.exp(-peat.decayPerYear))
  close(components[0]?.parts ?? 0, 10 - lost, 1e-9)
  close(components[1]?.parts ?? 0, (0.45 * lost * peat.bulkDensity) / FINES.bulkDensity, 1e-9)
  assert.ok(volumeRatio < 1)
})

test('minerals do not rot, no time changes nothing, ten degrees double the pace', () => {
  const perlite = [{ material: material('perlite-coarse'), parts: 5 }]
  const age = (components: typeof perlite, months: number, meanTempC: number) =>
    ageMedia({ components, months, meanTempC, humifiedFines: FINES })
  close(age(perlite, 60, 25).volumeRatio, 1, 1e-9)
  const bark = [{ material: material('bark-fine'), parts: 5 }]
  close(age(bark, 0, 20).volumeRatio, 1, 1e-12)
  close(
    age(bark, 24, 20).components[0]?.parts ?? 0,
    age(bark, 12, 30).components[0]?.parts ?? 0,
    1e-9,
  )
})

test('a bag mix closes: 21 % air in a 20 cm pot become about 17 in two seasons and 14 in four', () => {
  const air = (seasons: number) =>
    containerCapacity({
      curve: ageMedia({
        components: [{ material: material('all-purpose-mix'), parts: 1 }],
        months: 7 * seasons,
        meanTempC: 16,
        humifiedFines: FINES,
      }).curve,
      shape: { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 },
      fillHeightCm: 17.5,
    }).airFraction
  close(air(0), 0.21, 0.006)
  close(air(2), 0.17, 0.006)
  close(air(4), 0.14, 0.006)
})

test('what is left breaks up: its pores narrow, and conductivity goes with their square', () => {
  const bark = material('bark-fine')
  const { components } = ageMedia({
    components: [{ material: bark, parts: 10 }],
    months: 24,
    meanTempC: 20,
    humifiedFines: FINES,
  })
  const [left, fines] = components
  const kt = 2 * bark.decayPerYear
  close(Math.log((left?.material.curve.alpha ?? 0) / bark.curve.alpha), -1.5 * kt, 1e-9)
  close(Math.log((left?.material.ksCmPerS ?? 0) / bark.ksCmPerS), -3 * kt, 1e-9)
  // Fines that were made in this time have not decayed in it.
  assert.equal(fines?.material, FINES)
  // In two steps there is a little more: fines of the first year rot in the second.
  const twice = [12, 12].reduce(
    (mix, months) =>
      ageMedia({ components: mix, months, meanTempC: 20, humifiedFines: FINES }).components,
    [{ material: bark, parts: 10 }] as Parameters<typeof ageMedia>[0]['components'],
  )
  close(twice[0]?.material.curve.alpha ?? 0, left?.material.curve.alpha ?? 1, 1e-9)
  assert.equal(twice.length, 2)
})

test('a mix of bark and peat loses air as it ages', () => {
  const components = [
    { material: material('peat-medium'), parts: 50 },
    { material: material('bark-fine'), parts: 50 },
  ]
  const air = (years: number) =>
    containerCapacity({
      curve: ageMedia({ components, months: 12 * years, meanTempC: 18, humifiedFines: FINES })
        .curve,
      shape: COLUMN,
      fillHeightCm: 20,
    }).airFraction
  assert.ok(air(0) > air(2) && air(2) > air(4))
  assert.throws(
    () => ageMedia({ components, months: -1, meanTempC: 20, humifiedFines: FINES }),
    (error) => error instanceof DomainError && error.code === 'out-of-range',
  )
})

test('a porosity test gives back the curve that was tested', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.02, max: 3, noNaN: true }),
      fc.double({ min: 1.2, max: 4, noNaN: true }),
      (alpha, n) => {
        const truth = { thetaS: 0.8, thetaR: 0.1, alpha, n }
        const { waterFraction } = containerCapacity({
          curve: truth,
          shape: COLUMN,
          fillHeightCm: 20,
        })
        const found = calibrateFromPorosity({
          prior: { thetaS: 0.9, thetaR: 0.1125, alpha: 0.1, n },
          columnShape: COLUMN,
          fillHeightCm: 20,
          totalPorosity: 0.8,
          waterFraction,
        })
        assert.ok(found.feasible && Math.abs(found.curve.alpha / alpha - 1) < 1e-4)
      },
    ),
    { numRuns: 40 },
  )
})

test('water no such mix can hold is told with what it could', () => {
  const { curve } = blendMedia({ components: [{ material: material('peat-medium'), parts: 1 }] })
  const found = calibrateFromPorosity({
    prior: curve,
    columnShape: COLUMN,
    fillHeightCm: 20,
    totalPorosity: 0.8,
    waterFraction: 0.85,
  })
  assert.ok(!found.feasible && found.range[1] <= 0.8 + 1e-9 && found.range[0] > 0)
})
