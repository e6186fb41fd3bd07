import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close, shippedMaterials } from '../../../testing/tables'
import { areaAt, type ContainerShape, containerVolume } from '../containers'
import { containerCapacity, waterContent } from '../media'
import {
  canopyArea,
  dryDown,
  extraterrestrialRadiation,
  referenceEvapotranspiration,
  waterGiven,
  wateringFit,
} from './index'

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const shapes: fc.Arbitrary<ContainerShape> = fc.oneof(
  fc.record({
    kind: fc.constant('round' as const),
    topDiameterCm: number(10, 60),
    baseDiameterCm: number(8, 50),
    heightCm: number(8, 50),
  }),
  fc.record({
    kind: fc.constant('rectangular' as const),
    topLengthCm: number(20, 100),
    topWidthCm: number(10, 40),
    baseLengthCm: number(18, 90),
    baseWidthCm: number(8, 36),
    heightCm: number(8, 40),
  }),
  fc.record({
    kind: fc.constant('bowl' as const),
    rimDiameterCm: number(20, 50),
    heightCm: number(8, 25),
  }),
)
const weather = fc.record({
  latitudeDeg: number(-60, 60),
  dayOfYear: fc.integer({ min: 1, max: 365 }),
  tMinC: number(-5, 20),
  span: number(1, 18),
})

test('a pot dries down by what its plants lose, and weighs the less for it', () => {
  fc.assert(
    fc.property(
      shapes,
      fc.constantFrom(...shippedMaterials),
      weather,
      number(0.2, 1.3),
      number(0, 6000),
      fc.constantFrom(0.4, 0.7, 1, 1.3),
      fc.constantFrom(50, 100),
      number(0, 5),
      (
        shape,
        one,
        { span, ...where },
        kc,
        canopyCm2,
        exposureFactor,
        refillSuctionCm,
        containerKg,
      ) => {
        const fillHeightCm = shape.heightCm - 2
        const place = { ...where, tMaxC: where.tMinC + span }
        const told = dryDown({
          ...place,
          curve: one.curve,
          bulkDensity: one.bulkDensity,
          shape,
          fillHeightCm,
          kc,
          canopyCm2,
          exposureFactor,
          refillSuctionCm,
          containerKg,
        })
        const et0 = referenceEvapotranspiration(place)
        const rim = areaAt({ shape, zCm: shape.heightCm })
        const loss = (et0 * kc * Math.max(rim, canopyCm2) * exposureFactor) / 10_000
        close(told.lossLPerDay, loss, 1e-9 * (1 + loss), 'loss')
        // Slice by slice: no height gives more than it holds above the refill point.
        let usable = 0
        const slices = 20_000
        const dry = waterContent(one.curve, refillSuctionCm)
        for (let i = 0; i < slices; i++) {
          const zCm = ((i + 0.5) * fillHeightCm) / slices
          const held = Math.max(0, waterContent(one.curve, zCm) - dry)
          usable += (held * areaAt({ shape, zCm }) * fillHeightCm) / slices / 1000
        }
        close(told.usableLitres, usable, 2e-3 * usable + 1e-6, 'usable water')
        if (loss > 0)
          close(told.days ?? -1, told.usableLitres / loss, 1e-9 * (1 + usable / loss), 'days')
        else assert.equal(told.days, null)
        const { waterLitres } = containerCapacity({ curve: one.curve, shape, fillHeightCm })
        const litres = containerVolume({ shape, fillHeightCm })
        const dryKg = containerKg + one.bulkDensity * litres
        close(told.heftCapacityKg, dryKg + waterLitres, 1e-9 * (1 + dryKg + waterLitres), 'watered')
        close(
          told.heftCapacityKg - told.heftRefillKg,
          told.usableLitres,
          1e-9 * (1 + usable),
          'between',
        )
        assert.ok(told.saturatedKg >= told.heftCapacityKg - 1e-9)
      },
    ),
    { numRuns: 120 },
  )
})

test('a canopy is the plant’s: smaller with less than its litres, shared where plants are many', () => {
  const asked = fc.record({
    canopyCm2: fc.oneof(fc.constant(null), number(50, 8000)),
    litresPerPlant: number(0.3, 40),
    potLitres: number(0.5, 100),
    plants: fc.oneof(fc.constant(undefined), fc.integer({ min: 1, max: 30 })),
    rimCm2: number(50, 4000),
    share: number(0.1, 1),
  })
  fc.assert(
    fc.property(asked, (input) => {
      const told = canopyArea(input)
      const { canopyCm2, litresPerPlant, potLitres, rimCm2, share } = input
      const plants = input.plants ?? Math.max(1, Math.floor(potLitres / litresPerPlant + 1e-9))
      assert.equal(told.plants, plants)
      if (canopyCm2 === null) {
        assert.equal(told.canopyCm2, rimCm2)
        return
      }
      const that = canopyCm2 * Math.min(1, potLitres / (plants * litresPerPlant)) ** (2 / 3)
      const crowd = Math.min(plants * that * share, Math.max(that * share, 5 * rimCm2))
      close(told.canopyCm2, Math.max(rimCm2, crowd), 1e-9 * told.canopyCm2, 'canopy')
    }),
    { numRuns: 500 },
  )
})

test('radiation above the air by day and place; the year of the south is that of the north half a year on', () => {
  fc.assert(
    fc.property(number(-66, 66), fc.integer({ min: 1, max: 365 }), (latitudeDeg, dayOfYear) => {
      const told = extraterrestrialRadiation({ latitudeDeg, dayOfYear })
      // Sun by sun: what falls on a level in a day, hour angle by hour angle.
      const latitude = (latitudeDeg * Math.PI) / 180
      const turn = (2 * Math.PI * dayOfYear) / 365
      const declination = 0.409 * Math.sin(turn - 1.39)
      const near = 1 + 0.033 * Math.cos(turn)
      let mj = 0
      const steps = 4000
      for (let i = 0; i < steps; i++) {
        const hour = -Math.PI + (2 * Math.PI * (i + 0.5)) / steps
        const height =
          Math.sin(latitude) * Math.sin(declination) +
          Math.cos(latitude) * Math.cos(declination) * Math.cos(hour)
        mj += (Math.max(0, height) * 0.082 * near * 24 * 60) / steps
      }
      close(told, mj * 0.408, 0.01, 'mm a day')
      assert.ok(told >= 0 && told < 19)
    }),
    { numRuns: 100 },
  )
})

test('water given is what is lost and runs through, less the rain on the rim', () => {
  const months = fc.array(
    fc.record({
      dayOfYear: fc.integer({ min: 1, max: 365 }),
      tMinC: number(2, 15),
      span: number(2, 15),
      rainMm: number(0, 150),
    }),
    { minLength: 1, maxLength: 7 },
  )
  fc.assert(
    fc.property(
      months,
      number(100, 3000),
      number(0, 6000),
      number(0.3, 1.2),
      (rows, rimCm2, canopyCm2, kc) => {
        const weathers = rows.map(({ span, ...one }) => ({ ...one, tMaxC: one.tMinC + span }))
        const given = (factor: number) =>
          waterGiven({
            months: weathers,
            latitudeDeg: 50,
            kc,
            canopyCm2,
            rimCm2,
            exposureFactor: factor,
          })
        assert.ok(given(1) >= 0)
        assert.ok(given(1.3) >= given(1) - 1e-9, 'wind never makes it less')
        const dry = weathers.map((one) => ({ ...one, rainMm: 0 }))
        const lost = dry.reduce((sum, one) => {
          const et0 = referenceEvapotranspiration({ latitudeDeg: 50, ...one })
          return sum + (30.4 * et0 * kc * Math.max(rimCm2, canopyCm2)) / 10_000
        }, 0)
        close(
          waterGiven({ months: dry, latitudeDeg: 50, kc, canopyCm2, rimCm2 }),
          lost / 0.8,
          1e-6 * (1 + lost),
          'without rain',
        )
      },
    ),
    { numRuns: 200 },
  )
})

test('a habit stays wet, fits or dries out by the days it is held against', () => {
  const asked = fc.record({
    days: fc.oneof(fc.constant(null), number(0.3, 20)),
    airFraction: number(0.02, 0.5),
    cropAirMin: number(0.05, 0.3),
    everyDays: number(0.5, 14),
    likesDry: fc.boolean(),
  })
  fc.assert(
    fc.property(asked, (input) => {
      const { days, airFraction, cropAirMin, everyDays, likesDry } = input
      const { verdict, change } = wateringFit(input)
      if (days !== null && everyDays > 1.2 * days) {
        assert.deepEqual([verdict, change], ['dries out', 'more water'])
      } else if (
        (days === null || everyDays < 0.5 * days) &&
        (likesDry || airFraction < cropAirMin)
      ) {
        assert.deepEqual([verdict, change], ['stays wet', 'more air'])
      } else assert.deepEqual([verdict, change], ['fits', null])
    }),
    { numRuns: 500 },
  )
})
