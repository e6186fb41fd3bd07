import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { amendment, close, crop, material } from '../../../testing/tables'
import { DomainError } from '../errors'
import {
  blendEc,
  blendPh,
  convertEc,
  fertilizerDose,
  leach,
  limeDose,
  nitrogenBudget,
  nitrogenSupply,
  sulfurDose,
} from './index'

const limestone = amendment('dolomitic-lime')
const half = [
  { material: material('peat-medium'), parts: 1 },
  { material: material('garden-compost'), parts: 1 },
]

test('pH of a blend leans to the part that buffers more', () => {
  // (1.4 · 3.9 + 2.7 · 7.2) / (1.4 + 2.7) = 24.9 / 4.1
  const { ph, buffer, freeLimeGPerL } = blendPh({ components: half, volumeYield: 1 })
  close(ph, 24.9 / 4.1, 1e-9)
  close(buffer, 2.05, 1e-9)
  close(freeLimeGPerL, 1.5, 1e-9)
})

test('lime: one pH unit in raw peat, eight weeks', () => {
  // share reacted 1 − 0.5^(56/40) = 0.6211; needed 1.5 · 1.4 / (1.06 · 0.6211) = 3.19 g/L
  const dose = limeDose({ ph: 4, target: 5.5, buffer: 1.4, material: limestone })
  close(dose.reactiveShare, 0.6211, 1e-4)
  close(dose.gPerL, 3.1899, 1e-3)
  close(dose.phAfter, 5.5, 1e-9)
  close(dose.phEventual, 4 + (3.1899 * 1.06) / 1.4, 1e-3)
  close(dose.unreactedGPerL, 3.1899 * 1.06 * 0.3789, 1e-3)
})

test('lime: above the label in halves, above twice the label refused with the label rate', () => {
  const halves = limeDose({ ph: 3.9, target: 6.5, buffer: 2.2, material: limestone })
  assert.equal(halves.split, true)
  close(halves.firstGPerL, halves.gPerL / 2, 1e-9)
  const tooWeak = limeDose({ ph: 3.9, target: 7, buffer: 4, material: limestone })
  assert.equal(tooWeak.reachable, false)
  assert.equal(tooWeak.gPerL, limestone.rateHighGPerL)
})

test('no lime where it is close enough, above target, or free lime will do', () => {
  const reason = (input: Partial<Parameters<typeof limeDose>[0]>) =>
    limeDose({ ph: 6, target: 6.5, buffer: 1.4, material: limestone, ...input }).reason
  assert.equal(reason({ ph: 6.3 }), 'close-enough')
  assert.equal(reason({ ph: 7 }), 'above-target')
  assert.equal(reason({ freeLimeGPerL: 5 }), 'free-lime-enough')
  assert.equal(reason({}), 'needed')
})

test('living roots get little and nothing caustic', () => {
  const dose = limeDose({ ph: 4.5, target: 6, buffer: 1.4, material: limestone, livingRoots: true })
  assert.equal(dose.firstGPerL, 1)
  assert.equal(dose.split, true)
  assert.throws(
    () =>
      limeDose({
        ph: 4.5,
        target: 6,
        buffer: 1.4,
        material: amendment('hydrated-lime'),
        livingRoots: true,
      }),
    (error) => error instanceof DomainError && error.code === 'bad-argument',
  )
})

test('sulfur: worked dose, a limey mix and one that needs too much', () => {
  // 1 · 1.2 / (3.12 · (1 − 0.5^(56/45))) = 0.6655 g/L
  close(sulfurDose({ ph: 6.9, target: 5.9, buffer: 1.2 }).gPerL, 0.6656, 1e-3)
  assert.equal(sulfurDose({ ph: 7, target: 5.5, buffer: 1.2, freeLimeGPerL: 2 }).reason, 'limey')
  const much = sulfurDose({ ph: 7.8, target: 4.8, buffer: 2 })
  assert.equal(much.reason, 'too-much-sulfur')
  assert.equal(much.reachable, false)
  assert.equal(much.gPerL, 0)
})

test('more buffer never lowers a dose', () => {
  const buffer = fc.double({ min: 0.2, max: 5, noNaN: true })
  fc.assert(
    fc.property(buffer, buffer, (a, b) => {
      const dose = (value: number) =>
        limeDose({ ph: 4.4, target: 6.2, buffer: value, material: limestone }).neededGPerL
      assert.ok(dose(Math.max(a, b)) >= dose(Math.min(a, b)) - 1e-12)
    }),
  )
})

test('conductivity: between the knots, beyond them, and back', () => {
  close(convertEc({ value: 1, from: '1:2', to: 'SME' }), 2.75, 1e-9)
  close(convertEc({ value: 3, from: '1:2', to: 'SME' }), 7.5, 1e-9)
  close(convertEc({ value: 1, from: '1:2', to: 'SME', waterEc: 0.5 }), 1.375, 1e-9)
  fc.assert(
    fc.property(fc.double({ min: 0, max: 10, noNaN: true }), (value) => {
      const there = convertEc({ value, from: 'SME', to: 'pourThrough' })
      close(convertEc({ value: there, from: 'pourThrough', to: 'SME' }), value, 1e-9)
    }),
  )
})

test('salts: a gram of potassium-nitrate-like salt per litre adds about 0.6 dS/m', () => {
  const salt = { ...amendment('soluble-20-10-20'), saltIndex: 74 }
  const plain = blendEc({ components: half })
  const salted = blendEc({ components: half, amendments: [{ amendment: salt, gPerL: 1 }] })
  close(salted.ec1to2 - plain.ec1to2, 0.592, 1e-9)
})

test('leaching: halving the salts of 10 L takes ln 2 volumes of its water, twice over', () => {
  const { litres, passes } = leach({ ec: 4, target: 2, mediaLitres: 10, waterFraction: 0.6 })
  close(litres, (Math.LN2 * 10 * 0.6) / 0.5, 1e-9)
  assert.equal(passes, 3)
  assert.equal(leach({ ec: 1, target: 2, mediaLitres: 10, waterFraction: 0.6 }).litres, 0)
  assert.throws(
    () => leach({ ec: 4, target: 1, mediaLitres: 10, waterFraction: 0.6, waterEc: 1.2 }),
    (error) => error instanceof DomainError && error.code === 'out-of-range',
  )
})

test('leaching for less salt never takes less water, and what is poured for it brings the salts down', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 8, noNaN: true }),
      fc.double({ min: 0.3, max: 0.99, noNaN: true }),
      fc.double({ min: 0.3, max: 0.99, noNaN: true }),
      (ec, one, other) => {
        const litres = (share: number) =>
          leach({ ec, target: ec * share, mediaLitres: 10, waterFraction: 0.5 }).litres
        assert.ok(litres(Math.min(one, other)) >= litres(Math.max(one, other)) - 1e-9)
        // What is left after so much water: displacement is exponential, half of the water does the work.
        const left = ec * Math.exp((-0.5 * litres(one)) / (10 * 0.5))
        assert.ok(left <= ec && Math.abs(left - ec * one) < 1e-9)
      },
    ),
  )
})

test('nitrogen from one source: half of what can be released after its half-time, faster when warm', () => {
  const source = { gPerL: 5, nPercent: 4, nReleaseSeason: 0.65, releaseDays50: 45, weeks: 45 }
  // 10 · 5 · 4 · 0.65 = 130 mg/L in all
  const { cumulativeMgPerL } = nitrogenSupply({ ...source, releaseDays50: 49 })
  close(cumulativeMgPerL[6] ?? 0, 65, 1e-9)
  const warm = nitrogenSupply({ ...source, weeklyMeanTempC: 30 })
  const cool = nitrogenSupply({ ...source, weeklyMeanTempC: 20 })
  close(warm.cumulativeMgPerL[4] ?? 0, cool.cumulativeMgPerL[9] ?? 0, 1e-9)
})

test('woody carbon: 30 % wood fibre takes up some 60 mg/L in its first month, 125 in 20 weeks', () => {
  const components = [
    { material: material('wood-fibre'), parts: 3 },
    { material: material('perlite-coarse'), parts: 7 },
  ]
  const budget = nitrogenBudget({
    components,
    volumeYield: 1,
    crop: crop('tomato-tall'),
    weeks: 20,
  })
  const by = (weeks: number) =>
    budget.weeks.slice(0, weeks).reduce((sum, week) => sum + week.immobilisable, 0)
  close(by(4), 60, 6)
  close(by(20), 124, 0.5)
})

test('peat ties up nothing, hulls and composted bark little of what wood would', () => {
  const tiedUp = (id: string) =>
    nitrogenBudget({
      components: [{ material: material(id), parts: 1 }],
      volumeYield: 1,
      crop: crop('tomato-tall'),
      weeks: 20,
    }).weeks.reduce((sum, week) => sum + week.immobilisable, 0)
  assert.equal(tiedUp('peat-medium'), 0)
  assert.ok(tiedUp('rice-hulls') < 0.2 * tiedUp('wood-chips'), `${tiedUp('rice-hulls')}`)
  assert.ok(tiedUp('bark-fine') < 0.5 * tiedUp('wood-chips'), `${tiedUp('bark-fine')}`)
})

test('a compost gives half in its second season, near a third for ever after', () => {
  const gives = (servedDays: number) =>
    nitrogenBudget({
      components: [{ material: material('garden-compost'), parts: 1, servedDays }],
      volumeYield: 1,
      crop: crop('tomato-tall'),
      weeks: 20,
    }).releasedMgPerL /
    nitrogenBudget({
      components: [{ material: material('garden-compost'), parts: 1 }],
      volumeYield: 1,
      crop: crop('tomato-tall'),
      weeks: 20,
    }).releasedMgPerL
  close(gives(0), 1, 1e-12)
  close(gives(60), 0.675, 1e-9)
  close(gives(212), 0.406, 1e-3)
  close(gives(1000), 0.35, 1e-4)
})

test('nitrogen is conserved: what was there and came is taken up, tied up, washed out or left', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 8, noNaN: true }),
      fc.double({ min: 0, max: 200, noNaN: true }),
      fc.double({ min: -5, max: 35, noNaN: true }),
      (gPerL, initialMgPerL, weeklyMeanTempC) => {
        const budget = nitrogenBudget({
          components: half,
          amendments: [{ amendment: amendment('granular-444'), gPerL }],
          crop: crop('chard'),
          initialMgPerL,
          weeklyMeanTempC,
        })
        const came = budget.initialMgPerL + budget.releasedMgPerL
        const went =
          budget.uptakeMgPerL + budget.immobilisedMgPerL + budget.leachedMgPerL + budget.leftMgPerL
        close(went, came, 1e-6)
        const [low, high] = budget.coverageRange
        assert.ok(low <= budget.coverage + 1e-12 && budget.coverage <= high + 1e-12)
      },
    ),
  )
})

test('fertilizer: the smallest dose that covers the demand, within label and salt ceiling', () => {
  const input = { components: half, crop: crop('chard'), fertilizer: amendment('granular-444') }
  const lean = { ...input, components: [{ material: material('peat-medium'), parts: 1 }] }
  const dose = fertilizerDose(lean)
  assert.equal(dose.limitedBy, 'label')
  assert.equal(dose.gPerL, 8)
  const light = fertilizerDose({ ...lean, crop: crop('lavender') })
  assert.equal(light.limitedBy, 'need')
  close(light.coverage, 0.95, 1e-5)
  const salty = fertilizerDose({ ...lean, crop: crop('strawberry'), ecCeilingSme: 0.5 })
  assert.equal(salty.limitedBy, 'salt')
  assert.equal(fertilizerDose({ ...lean, crop: crop('sundew') }).limitedBy, 'never-feed')
  assert.throws(
    () => fertilizerDose({ ...lean, fertilizer: amendment('gypsum') }),
    (error) => error instanceof DomainError && error.code === 'bad-argument',
  )
})

test('letters, infinities and values outside their range are refused', () => {
  const code = (expected: string) => (error: unknown) =>
    error instanceof DomainError && error.code === expected
  const given = { ph: 5, target: 6, buffer: 1, material: limestone }
  assert.throws(() => limeDose({ ...given, ph: Number.POSITIVE_INFINITY }), code('not-finite'))
  assert.throws(() => limeDose({ ...given, ph: '5' as never }), code('not-finite'))
  assert.throws(() => limeDose({ ...given, ph: 15 }), code('out-of-range'))
  assert.throws(() => limeDose({ ...given, weeks: 2.5 }), code('bad-argument'))
  assert.throws(() => limeDose({ ...given, material: amendment('sulfur') }), code('bad-argument'))
  assert.throws(() => sulfurDose({ ...given, material: limestone }), code('bad-argument'))
  assert.throws(() => blendPh({ components: [] }), code('too-few'))
})
