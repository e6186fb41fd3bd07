import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { amendment, close, crop, material, shippedMaterials } from '../../../testing/tables'
import {
  blendEc,
  convertEc,
  feedPlan,
  fertilizerDose,
  nitrogenBudget,
  pkBalance,
  potDemand,
} from './index'

// A second budget, written week by week as a grower would on paper, against the one that is used.

const CROPS = ['tomato-tall', 'lettuce', 'lavender', 'petunia', 'strawberry', 'blueberry'].map(crop)
const MEALS = ['feather-meal', 'granular-444', 'crf-5-month', 'blood-meal'].map(amendment)
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })

const mixes = fc
  .uniqueArray(fc.constantFrom(...shippedMaterials), {
    minLength: 1,
    maxLength: 4,
    selector: (one) => one.id,
  })
  .chain((materials) =>
    fc.tuple(
      ...materials.map((one) =>
        fc.record({
          material: fc.constant(one),
          parts: number(0.2, 5),
          servedDays: fc.oneof(fc.constant(0), number(0, 900)),
        }),
      ),
    ),
  )
const settings = fc.record({
  components: mixes,
  volumeYield: number(0.7, 1),
  amendments: fc.array(fc.record({ amendment: fc.constantFrom(...MEALS), gPerL: number(0, 4) }), {
    maxLength: 2,
  }),
  crop: fc.constantFrom(...CROPS),
  weeks: fc.integer({ min: 1, max: 40 }),
  temps: fc.array(number(2, 30), { minLength: 40, maxLength: 40 }),
  leachPerWeek: number(0, 0.2),
  feedMgPerL: fc.oneof(fc.constant(0), number(0, 30)),
})
type Setting = typeof settings extends fc.Arbitrary<infer T> ? T : never

const inputOf = ({ temps, ...setting }: Setting) => ({ ...setting, weeklyMeanTempC: temps })

/** Days at 20 °C by the end of a week. */
const warmed = (temps: readonly number[], week: number, q10: number) =>
  temps.slice(0, week).reduce((sum, tempC) => sum + 7 * q10 ** ((tempC - 20) / 10), 0)

function onPaper(setting: Setting, releaseFactor = 1) {
  const { components, volumeYield, amendments, crop: plant, weeks, temps } = setting
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  const dry = components.map(({ material, parts, servedDays }) => ({
    one: material,
    fresh: 0.35 + 0.65 * 2 ** (-servedDays / 60),
    gPerL: (1000 * (parts / total) * material.bulkDensity) / volumeYield,
  }))
  const releasedBy = (week: number) => {
    let mg = 0
    for (const { one, gPerL, fresh } of dry) {
      const share = fresh * (1 - 2 ** (-warmed(temps, week, 2) / 60))
      mg += 10 * gPerL * one.nPercentDry * one.nReleaseSeason * share
    }
    for (const { amendment: feed, gPerL } of amendments) {
      const q10 = feed.kind === 'organic fertilizer' ? 1.3 : 2
      const share =
        feed.releaseDays50 === 0 ? 1 : 1 - 2 ** (-warmed(temps, week, q10) / feed.releaseDays50)
      mg += 10 * gPerL * feed.nPercent * feed.nReleaseSeason * share
    }
    return mg * releaseFactor
  }
  const tiedUpBy = (week: number) => {
    let mg = 0
    for (const { one, gPerL } of dry) {
      if (one.cToN <= 25) continue
      const days = warmed(temps, week, 2)
      const labile = one.labileShare ?? 0
      const rotted =
        labile * (1 - 2 ** (-days / 14)) +
        (1 - labile) * (1 - Math.exp((-one.decayPerYear * days) / 365))
      mg += 1000 * gPerL * 0.48 * (one.nDrawdown ?? 1) * rotted * (0.04 - 1 / one.cToN)
    }
    return mg
  }
  const span = plant.weeksInPot <= 40 ? plant.weeksInPot : 30
  const s = (x: number) => 1 / (1 + Math.exp(-x))
  const wantedBy = (week: number) =>
    week === 0
      ? 0
      : (plant.nSeasonMgPerL * (s(8 * (Math.min(1, week / span) - 0.5)) - s(-4))) / (s(4) - s(-4))
  let pool =
    components.reduce(
      (sum, { material, parts }) => sum + (parts / total) * (material.starterNMgPerL ?? 0),
      0,
    ) / volumeYield
  const rows: {
    week: number
    immobilised: number
    demand: number
    uptake: number
    leached: number
    pool: number
  }[] = []
  for (let week = 1; week <= weeks; week++) {
    const available = pool + releasedBy(week) - releasedBy(week - 1) + setting.feedMgPerL
    const immobilised = Math.min(tiedUpBy(week) - tiedUpBy(week - 1), available)
    const demand = wantedBy(week) - wantedBy(week - 1)
    const uptake = Math.min(available - immobilised, demand)
    const leached = setting.leachPerWeek * (available - immobilised - uptake)
    pool = available - immobilised - uptake - leached
    rows.push({ week, immobilised, demand, uptake, leached, pool })
  }
  const sum = (field: 'demand' | 'uptake') => rows.reduce((all, row) => all + row[field], 0)
  return { rows, coverage: sum('demand') > 0 ? sum('uptake') / sum('demand') : 1 }
}

test('every week of the budget is the one on paper', () => {
  fc.assert(
    fc.property(settings, (setting) => {
      const budget = nitrogenBudget(inputOf(setting))
      const paper = onPaper(setting)
      assert.equal(budget.weeks.length, setting.weeks)
      for (const [at, row] of paper.rows.entries()) {
        const told = budget.weeks[at]
        assert.ok(told)
        for (const field of ['immobilised', 'demand', 'uptake', 'leached', 'pool'] as const) {
          close(
            told[field],
            row[field],
            1e-6 * (1 + Math.abs(row[field])),
            `${field} of week ${row.week}`,
          )
        }
      }
      close(budget.coverage, paper.coverage, 1e-9, 'coverage')
      close(budget.coverageRange[0], onPaper(setting, 0.7).coverage, 1e-9, 'low end')
      close(budget.coverageRange[1], onPaper(setting, 1.3).coverage, 1e-9, 'high end')
      const short = paper.rows.find(({ uptake, demand }) => uptake < 0.9 * demand - 1e-9)
      if (setting.crop.nSeasonMgPerL < 20) assert.equal(budget.firstShortWeek, null)
      else assert.equal(budget.firstShortWeek, short?.week ?? null)
    }),
    { numRuns: 150 },
  )
})

test('nothing is lost: what was there and came is taken up, tied up, washed out or left', () => {
  fc.assert(
    fc.property(settings, (setting) => {
      const told = nitrogenBudget(inputOf(setting))
      const fed = told.weeks.reduce((sum, week) => sum + week.fed, 0)
      const came = told.initialMgPerL + told.releasedMgPerL + fed
      const went = told.uptakeMgPerL + told.immobilisedMgPerL + told.leachedMgPerL + told.leftMgPerL
      close(went, came, 1e-6 * (1 + came), 'balance')
      close(told.missingMgPerL, told.demandMgPerL - told.uptakeMgPerL, 1e-9, 'missing')
      assert.ok(told.coverage >= 0 && told.coverage <= 1 + 1e-12)
      assert.ok(told.coverageRange[0] <= told.coverage + 1e-9)
      assert.ok(told.coverageRange[1] >= told.coverage - 1e-9)
    }),
    { numRuns: 150 },
  )
})

test('a dose of fertilizer is the smallest that does, and never above the label or the salts', () => {
  fc.assert(
    fc.property(settings, fc.constantFrom(...MEALS), (setting, fertilizer) => {
      const input = inputOf(setting)
      const told = fertilizerDose({ ...input, fertilizer })
      const before = nitrogenBudget(input)
      close(told.coverageBefore, before.coverage, 1e-12, 'coverage before')
      const most = Math.min(fertilizer.rateHighGPerL, told.saltGPerL ?? Infinity)
      assert.ok(told.gPerL <= most + 1e-9)
      const withDose = (gPerL: number) =>
        nitrogenBudget({
          ...input,
          amendments: [...input.amendments, { amendment: fertilizer, gPerL }],
        }).coverage
      if (setting.crop.nSeasonMgPerL < 20) {
        assert.equal(told.limitedBy, 'never-feed')
        assert.equal(told.gPerL, 0)
        return
      }
      close(told.coverage, withDose(told.gPerL), 1e-9, 'coverage after')
      if (told.limitedBy === 'none-needed') {
        assert.equal(told.gPerL, 0)
        assert.ok(before.coverage >= 0.95 - 1e-9)
      } else if (told.limitedBy === 'need') {
        assert.ok(told.coverage >= 0.95 - 1e-6)
        assert.ok(withDose(Math.max(0, told.gPerL - 1e-4)) < 0.95, 'a little less is too little')
      } else {
        close(told.gPerL, most, 1e-9, 'as much as may be given')
        assert.equal(
          told.limitedBy,
          (told.saltGPerL ?? Infinity) < told.labelGPerL ? 'salt' : 'label',
        )
        assert.ok(told.coverage < 0.95)
      }
    }),
    { numRuns: 60 },
  )
})

test('the salt ceiling is met on the spot: a dose at it brings the mix to the crop’s limit', () => {
  const mix = [{ material: material('peat-medium'), parts: 1 }]
  const told = fertilizerDose({
    components: mix,
    crop: crop('tomato-tall'),
    fertilizer: amendment('granular-444'),
  })
  assert.ok(told.saltGPerL !== null)
  const { ec1to2 } = blendEc({
    components: mix,
    amendments: [{ amendment: amendment('granular-444'), gPerL: told.saltGPerL ?? 0 }],
  })
  const ceiling = convertEc({ value: crop('tomato-tall').ecMaxSme, from: 'SME', to: '1:2' })
  close(ec1to2, ceiling, 1e-9, 'salts at the ceiling')
})

test('soluble feed: the weakest strength that reaches the target, in steps of 25', () => {
  const product = amendment('soluble-20-10-20')
  fc.assert(
    fc.property(
      settings,
      number(1, 30),
      number(0.1, 1),
      fc.integer({ min: 1, max: 3 }),
      (setting, mediaLitres, share, feedsPerWeek) => {
        const budget = nitrogenBudget(inputOf(setting))
        const litresPerFeed = mediaLitres * share * 0.3
        const told = feedPlan({
          budget,
          mediaLitres,
          litresPerFeed,
          feedsPerWeek,
          product,
          waterEc: 0.4,
        })
        const from = budget.firstShortWeek
        const until = setting.weeks - 2
        if (from === null || from > until) {
          assert.deepEqual(
            [told.startWeek, told.endWeek, told.nMgPerL, told.productG],
            [null, null, 0, 0],
          )
          close(told.feedEc, 0.4, 1e-12, 'the water’s own salts')
          close(told.coverageAfter, budget.coverage, 1e-12, 'coverage')
          return
        }
        assert.deepEqual([told.startWeek, told.endWeek], [from, until])
        assert.equal(told.nMgPerL % 25, 0)
        assert.ok(told.nMgPerL >= 25 && told.nMgPerL <= 200)
        const weeksFed = until - from + 1
        const perWeek = (strength: number) =>
          (strength * litresPerFeed * feedsPerWeek) / mediaLitres
        close(told.givenMgPerL, perWeek(told.nMgPerL) * weeksFed, 1e-6, 'given')
        close(told.gPerLitre, told.nMgPerL / (10 * product.nPercent), 1e-12, 'per litre')
        close(told.gPerCan, 10 * told.gPerLitre, 1e-12, 'per can')
        assert.equal(told.feeds, Math.ceil(feedsPerWeek * weeksFed))
        close(
          told.feedEc,
          0.4 + 0.02 * product.saltIndex * told.gPerLitre,
          1e-9,
          'salts of the feed',
        )
        const coverageAt = (strength: number) => {
          const fedWeeks = Array.from({ length: setting.weeks }, (_, at) =>
            at + 1 >= from && at + 1 <= until
              ? setting.feedMgPerL + perWeek(strength)
              : setting.feedMgPerL,
          )
          return nitrogenBudget({ ...inputOf(setting), feedMgPerL: fedWeeks }).coverage
        }
        close(told.coverageAfter, coverageAt(told.nMgPerL), 1e-9, 'coverage after')
        assert.equal(told.reached, told.coverageAfter >= 0.95 - 1e-9)
        if (told.reached && told.nMgPerL > 25) assert.ok(coverageAt(told.nMgPerL - 25) < 0.95)
        if (!told.reached) assert.equal(told.nMgPerL, 200)
      },
    ),
    { numRuns: 80 },
  )
})

test('phosphorus and potassium: what compost and oxides give, against five hundredths and more', () => {
  fc.assert(
    fc.property(settings, (setting) => {
      const told = pkBalance(inputOf(setting))
      const total = setting.components.reduce((sum, { parts }) => sum + parts, 0)
      let compost = 0
      for (const { material, parts } of setting.components) {
        if (material.group !== 'compost') continue
        compost += (1000 * (parts / total) * material.bulkDensity) / setting.volumeYield
      }
      let [p, k] = [compost, 5 * compost]
      for (const { amendment: feed, gPerL } of setting.amendments) {
        p +=
          gPerL * 4.364 * feed.p2o5Percent * (feed.nReleaseSeason === 0 ? 0.4 : feed.nReleaseSeason)
        k += gPerL * 8.301 * feed.k2oPercent
      }
      close(told.pGiven, p, 1e-6 * (1 + p), 'phosphorus')
      close(told.kGiven, k, 1e-6 * (1 + k), 'potassium')
      const verdict = (given: number, need: number) =>
        given < need ? 'short' : given > 4 * need ? 'far above' : 'enough'
      assert.equal(told.p, verdict(p, 0.2 * setting.crop.nSeasonMgPerL))
      assert.equal(told.k, verdict(k, 1.2 * setting.crop.nSeasonMgPerL))
    }),
  )
})

test('a crowded pot asks more of each litre, but less than in proportion', () => {
  fc.assert(
    fc.property(
      number(20, 600),
      number(1, 40),
      number(1, 80),
      (nSeasonMgPerL, litresPerPlant, potLitres) => {
        const one = potDemand({ nSeasonMgPerL, litresPerPlant, potLitres, plants: 1 })
        const two = potDemand({ nSeasonMgPerL, litresPerPlant, potLitres, plants: 2 })
        assert.ok(two >= one - 1e-9)
        assert.ok(two <= 2 * one + 1e-9)
        const own = potDemand({ nSeasonMgPerL, litresPerPlant, potLitres: litresPerPlant })
        close(own, nSeasonMgPerL, 1e-9, 'in its own litres')
      },
    ),
  )
})
