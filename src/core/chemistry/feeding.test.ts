import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { amendment, close, crop, material } from '../../../testing/tables'
import { DomainError } from '../errors'
import { feedPlan } from './feedPlan'
import { nitrogenBudget, refeed } from './nitrogenBudget'
import { pkBalance } from './pkBalance'

const MIX = [
  { material: material('peat-medium'), parts: 60 },
  { material: material('wood-fibre'), parts: 20 },
  { material: material('garden-compost'), parts: 20 },
]
const CHARD = crop('chard')
const FEED = amendment('soluble-20-10-20')
const budget = nitrogenBudget({ components: MIX, crop: CHARD, weeklyMeanTempC: 18 })
const PLAN = { budget, mediaLitres: 30, litresPerFeed: 3, product: FEED }

test('a budget fed again is the budget with that feed from the start', () => {
  const again = refeed(
    budget,
    budget.weeks.map(() => 7),
  )
  const whole = nitrogenBudget({
    components: MIX,
    crop: CHARD,
    weeklyMeanTempC: 18,
    feedMgPerL: 7,
  })
  assert.deepEqual(again, whole)
})

test('the plan is the weakest strength that meets the need', () => {
  const plan = feedPlan({ ...PLAN, maxMgNPerL: 400, feedsPerWeek: 2 })
  assert.equal(plan.startWeek, budget.firstShortWeek)
  assert.equal(plan.endWeek, budget.weeks.length - 2)
  assert.equal(plan.nMgPerL % 25, 0)
  assert.ok(plan.reached && plan.coverageAfter >= 0.95)
  const weeksFed = (plan.endWeek ?? 0) - (plan.startWeek ?? 0) + 1
  assert.equal(plan.feeds, 2 * weeksFed)
  close(plan.gPerLitre, plan.nMgPerL / 200, 1e-12, '20 % nitrogen')
  close(plan.gPerCan, 10 * plan.gPerLitre, 1e-12)
  close(plan.givenMgPerL, (plan.nMgPerL * 3 * 2 * weeksFed) / 30, 1e-9)
  close(plan.productG * 200, plan.givenMgPerL * 30, 1e-6, 'the nitrogen in the product is given')
  const weaker = feedPlan({ ...PLAN, maxMgNPerL: plan.nMgPerL - 25, feedsPerWeek: 2 })
  assert.equal(weaker.reached, false)
  assert.equal(weaker.nMgPerL, plan.nMgPerL - 25)
})

test('where nothing is short nothing is fed, and the water keeps its own salts', () => {
  const lavender = nitrogenBudget({ components: MIX, crop: { ...CHARD, nSeasonMgPerL: 10 } })
  const plan = feedPlan({ ...PLAN, budget: lavender, waterEc: 0.6 })
  assert.equal(plan.startWeek, null)
  assert.equal(plan.productG, 0)
  assert.equal(plan.feedEc, 0.6)
  const late = feedPlan({ ...PLAN, stopWeeksBeforeEnd: 200 })
  assert.equal(late.startWeek, null)
  assert.equal(late.reached, false)
})

test('a product without nitrogen is refused', () => {
  assert.throws(
    () => feedPlan({ ...PLAN, product: amendment('gypsum') }),
    (error) => error instanceof DomainError && error.code === 'bad-argument',
  )
})

test('more feed never covers less, and no nitrogen is lost from the count', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 60, noNaN: true }), { minLength: 40, maxLength: 40 }),
      (feeds) => {
        const fed = refeed(budget, feeds)
        assert.ok(fed.coverage >= budget.coverage - 1e-12)
        const given = feeds.slice(0, fed.weeks.length).reduce((sum, mg) => sum + mg, 0)
        const inAll = fed.initialMgPerL + fed.releasedMgPerL + given
        const outAll = fed.immobilisedMgPerL + fed.uptakeMgPerL + fed.leachedMgPerL + fed.leftMgPerL
        assert.ok(Math.abs(inAll - outAll) < 1e-6 * Math.max(1, inAll))
      },
    ),
  )
})

test('phosphorus and potassium of compost and doses against the need', () => {
  const granular = {
    ...amendment('granular-444'),
    p2o5Percent: 4,
    k2oPercent: 4,
    nReleaseSeason: 0.6,
  }
  const bare = [{ material: material('perlite-coarse'), parts: 1 }]
  const { pGiven, kGiven, pNeed, kNeed, p, k } = pkBalance({
    components: bare,
    amendments: [{ amendment: granular, gPerL: 3 }],
    crop: { ...CHARD, nSeasonMgPerL: 200 },
  })
  close(pGiven, 3 * 4.364 * 4 * 0.6, 1e-9)
  close(kGiven, 3 * 8.301 * 4, 1e-9)
  close(pNeed, 40, 1e-12)
  close(kNeed, 240, 1e-12)
  assert.deepEqual([p, k], ['short', 'short'])

  const compost = material('garden-compost')
  const rich = pkBalance({
    components: [{ material: compost, parts: 1 }],
    crop: { ...CHARD, nSeasonMgPerL: 200 },
  })
  close(rich.pGiven, 1000 * compost.bulkDensity, 1e-9, '1 mg of P a gram')
  close(rich.kGiven, 5000 * compost.bulkDensity, 1e-9, '5 mg of K a gram')
  assert.equal(rich.k, 'far above')
})
