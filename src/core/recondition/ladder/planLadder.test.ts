import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { POT } from '../../../../testing/samples'
import { amendment, close, crop, material, problem, shippedCrops } from '../../../../testing/tables'
import { containerVolume, heightForVolume } from '../../containers'
import { blendMedia, type Component, containerCapacity, inningsLeft } from '../../media'
import { mediaRange } from '../../ranges'
import { recipeComponents } from '../recipe/recipeRanges'
import type { RecipeInput } from '../recipe/recipeTypes'
import { solveRecipe } from '../recipe/solveRecipe'
import { triage } from '../triage/triage'
import { scheduleWork } from '../work/scheduleWork'
import { bestRung } from './bestRung'
import type { LadderInput, Rung, RungId } from './ladderTypes'
import { planLadder } from './planLadder'

const mix = (parts: Readonly<Record<string, number>>): Component[] =>
  Object.entries(parts).map(([id, count]) => ({
    material: material(id),
    parts: count,
    measured: { starterNMgPerL: 0 },
  }))
const priced = (prices: Readonly<Record<string, number | null>>) =>
  Object.entries(prices).map(([id, pricePerLitre]) => ({
    material: material(id),
    litres: 500,
    pricePerLitre,
  }))
const powders = (prices: Readonly<Record<string, number | null>>) =>
  Object.entries(prices).map(([id, pricePerKg]) => ({
    amendment: amendment(id),
    grams: 5000,
    pricePerKg,
  }))
const STOCK: RecipeInput['stock'] = {
  materials: priced({
    'leaf-mould': 0.05,
    'perlite-coarse': 0.32,
    'all-purpose-mix': 0.25,
  }),
  amendments: powders({
    'calcitic-lime': 1,
    sulfur: 5,
    'granular-444': 4,
    'soluble-20-10-20': 6,
  }),
}
const ladder = (more: Partial<LadderInput> = {}): LadderInput => ({
  lot: {
    id: '14',
    components: mix({ 'all-purpose-mix': 6, 'humified-fines': 4 }),
    litres: 40,
    triage: null,
    measured: { ph: 6.3, ecSme: 1 },
  },
  litresWanted: 20,
  container: { shape: POT, fillHeightCm: 20 },
  crop: crop('chard'),
  school: { compostShare: 0.25, feed: 'organic' },
  stock: STOCK,
  season: { weeklyMeanTempC: 18 },
  climate: {
    latitudeDeg: 50.4,
    dayOfYear: 196,
    tMinC: 13,
    tMaxC: 20,
    seasonMeanTempC: 15,
    exposureFactor: 1.3,
  },
  today: '2026-11-10',
  priorities: { cost: 1, effort: 1, yield: 2 },
  ...more,
})
const rungOf = (input: LadderInput, id: RungId): Rung => {
  const found = planLadder(input).rungs.find((one) => one.id === id)
  assert.ok(found, id)
  return found
}
/** What a rung's recipe was asked with, as far as its mix goes. */
const partsOf = (_: Rung, input: LadderInput): RecipeInput => ({
  ...input,
  lot: { ...input.lot, triage: null },
})
/** The container as high as the litres of a way reach in each of those that were asked for. */
const reachedBy = ({ litres }: Rung, { container, litresWanted }: LadderInput) => {
  const pots = Math.max(1, Math.round(litresWanted / containerVolume(container)))
  const each = Math.min(containerVolume(container), (litres as number) / pots)
  return { ...container, fillHeightCm: heightForVolume({ shape: container.shape, litres: each }) }
}
const shareOf = ({ recipe }: Rung, role: string) =>
  recipe?.parts.find((part) => part.role === role)?.share ?? 0
const found = (id: string, season = 2026) =>
  triage({ findings: [{ problem: problem(id), season }], season: 2027, today: '2026-11-10' })

test('five ways, from the least work to the most, each with what its recipe predicts', () => {
  const input = ladder()
  const { rungs, best } = planLadder(input)
  assert.deepEqual(
    rungs.map(({ id }) => id),
    ['as-is', 'part-fresh', 'compost', 'full', 'replace'],
  )
  for (const rung of rungs) {
    const { recipe } = rung
    assert.ok(recipe, rung.id)
    const { curve } = blendMedia({ components: recipeComponents(recipe, partsOf(rung, input)) })
    const { airFraction } = containerCapacity({ curve, ...reachedBy(rung, input) })
    close(rung.airFraction as number, airFraction, 1e-9, rung.id)
    assert.equal(rung.ph, recipe.predicted.ph)
    assert.equal(rung.litres, recipe.settledLitres)
    close(rung.kilosToLift as number, recipe.predicted.kgPerLWet * recipe.settledLitres, 1e-9)
    const work = scheduleWork({
      recipe,
      triage: null,
      variant: rung.id === 'as-is' ? 'in-place' : 'tipped',
      startDate: input.today,
      options: {
        materials: STOCK.materials.map((row) => row.material),
        amendments: STOCK.amendments.map((row) => row.amendment),
        crop: input.crop,
      },
    })
    assert.equal(rung.minutes, work.totalMinutes)
    assert.equal(rung.earliestPlanting, work.readyOn)
    assert.ok((rung.airRange?.p10 ?? 1) <= (rung.airRange?.p90 ?? 0))
    assert.ok((rung.nCoverageRange?.p10 ?? 9) <= (rung.nCoverageRange?.p90 ?? 0) + 1e-12)
  }
  assert.ok(best && rungs.some(({ id, allowed }) => id === best.id && allowed))
})

test('the full way is the recipe; its range and its seasons are those of the public functions', () => {
  const input = ladder({ lot: { ...ladder().lot, measured: {} } })
  const full = rungOf(input, 'full')
  const asked = { ...input, lot: { ...input.lot, triage: null } }
  const recipe = solveRecipe(asked)
  assert.deepEqual(full.recipe, recipe)
  const components = recipeComponents(recipe, asked)
  const container = reachedBy(full, input)
  const range = mediaRange({ components, container, draws: 80, seed: 1 })
  close(full.airRange?.p50 as number, range.airFraction.p50, 1e-9)
  close(full.airRange?.p10 as number, range.airFraction.p10, 1e-9)
  assert.equal(
    full.inningsLeft,
    inningsLeft({
      components,
      container,
      cropAirMin: input.crop.airMinPercent / 100,
      seasonMeanTempC: 15,
      humifiedFines: material('humified-fines'),
    }).without,
  )
})

test('as it is: only the old mix, cleaned and settled, nothing put right but by the can', () => {
  const salty = ladder({ lot: { ...ladder().lot, measured: { ph: 5.1, ecSme: 6 } } })
  const { recipe, feedPlan, litres } = rungOf(salty, 'as-is')
  assert.deepEqual(
    recipe?.parts.map(({ id, share }) => [id, share]),
    [['14', 1]],
  )
  assert.deepEqual([recipe?.doses, recipe?.leachLitres], [[], 0])
  close(recipe?.predicted.ecSme ?? 0, 6, 1e-6, 'salts')
  assert.ok(feedPlan)
  assert.equal(litres, 20)
  const little = rungOf(ladder({ lot: { ...ladder().lot, litres: 12 } }), 'as-is')
  assert.ok((little.litres ?? 99) < 12 * 0.9)
  assert.ok(little.warnings.includes('litres') && little.allowed)
})

test('part fresh: the share moves in twentieths until the air holds, and back while it does', () => {
  const airWith = (input: LadderInput, share: number) => {
    const fresh = rungOf(input, 'part-fresh').recipe?.parts.find(({ role }) => role === 'fresh')
    const components = [
      ...mix({ 'all-purpose-mix': 6, 'humified-fines': 4 }).map((one) => ({
        ...one,
        parts: (one.parts / 10) * (1 - share),
      })),
      { material: material(fresh?.id ?? ''), parts: share },
    ]
    const { curve } = blendMedia({ components })
    return containerCapacity({ curve, ...input.container }).airFraction
  }
  for (const airMinPercent of [2, 8, 10, 12, 14, 16, 18, 40]) {
    const input = ladder({
      crop: { ...crop('chard'), airMinPercent, airMaxPercent: 60 },
      lot: { ...ladder().lot, measured: {} },
    })
    const share = Math.round(shareOf(rungOf(input, 'part-fresh'), 'fresh') * 1e9) / 1e9
    close(share / 0.05, Math.round(share / 0.05), 1e-6)
    assert.ok(share >= 0.3 && share <= 0.9, `${share}`)
    const low = airMinPercent / 100
    if (share < 0.9) assert.ok(airWith(input, share) >= low - 1e-9, `${airMinPercent}: ${share}`)
    if (share > 0.3 && share !== 0.5) assert.ok(airWith(input, share - 0.05) < low)
  }
})

test('the pH is put right on the ways in between only, the fertilizer on the full one only', () => {
  // Far outside: a dose inside what is not known of the pH would wait for a test.
  const sour = ladder({ lot: { ...ladder().lot, measured: { ph: 4.2, ecSme: 1 } } })
  const doses = (id: RungId) => rungOf(sour, id).recipe?.doses.map(({ role }) => role) ?? []
  assert.deepEqual(doses('as-is'), [])
  assert.deepEqual(doses('replace'), [])
  assert.ok(doses('compost').includes('lime') && doses('full').includes('lime'))
  assert.deepEqual(
    (['as-is', 'part-fresh', 'compost', 'full', 'replace'] as const).filter((id) =>
      doses(id).includes('fertilizer'),
    ),
    ['full'],
  )
})

test('compost only holds no aggregate; new mix holds nothing of the old, however much of it', () => {
  const compost = rungOf(ladder(), 'compost')
  assert.equal(shareOf(compost, 'aggregate'), 0)
  assert.ok(shareOf(compost, 'compost') > 0)
  const replace = rungOf(ladder({ limits: { maxFreshShare: 0.1 } }), 'replace')
  assert.equal(shareOf(replace, 'fresh'), 1)
  assert.equal(replace.litres, 20)
  assert.equal(replace.recipe?.leftoverLitres, 0)
})

test('a lot given up leaves new mix only, and says so first; the numbers stay', () => {
  const input = ladder({ lot: { ...ladder().lot, triage: found('clubroot') } })
  const { rungs, best } = planLadder(input)
  assert.deepEqual(
    rungs.map(({ allowed, warnings }) => [allowed, warnings[0]]),
    [...Array(4).fill([false, 'given-up']), [true, undefined]],
  )
  assert.ok(rungs.every(({ cost }) => cost !== null))
  assert.deepEqual([best?.id, best?.reason], ['replace', 'only-one'])
})

test('a family that is kept out, food, seedlings and crops for new mix are barred with their reason', () => {
  const lotWith = (id: string) => ({ ...ladder().lot, triage: found(id) })
  const barOf = (more: Partial<LadderInput>) => rungOf(ladder(more), 'full').warnings[0]
  const scab = lotWith('common-scab')
  assert.equal(barOf({ lot: scab, crop: crop('potato') }), 'family')
  assert.equal(barOf({ lot: scab, crop: crop('strawberry') }), undefined)
  assert.equal(barOf({ lot: lotWith('systemic-insecticide') }), 'food')
  const seedling = shippedCrops.find(({ kind }) => kind === 'seedling')
  assert.ok(seedling)
  assert.ok(
    rungOf(ladder({ lot: lotWith('pythium-root-rot'), crop: seedling }), 'full').warnings.includes(
      'seedlings',
    ),
  )
  const epiphyte = shippedCrops.find(({ freshOnly }) => freshOnly)
  assert.ok(epiphyte)
  const { rungs } = planLadder(ladder({ crop: epiphyte }))
  assert.deepEqual(
    rungs.map(({ allowed }) => allowed),
    [false, false, false, false, true],
  )
  assert.equal(rungs[0]?.warnings[0], 'fresh-only')
})

test('the year that counts is the one it can be planted in', () => {
  const judged = { ...found('common-scab', 2022), notFor: [] }
  const barred = (untilSeason: number, earliestReuse: string) =>
    rungOf(
      ladder({
        crop: crop('potato'),
        lot: {
          ...ladder().lot,
          triage: {
            ...judged,
            verdict: 'treat',
            actions: ['rest'],
            notFor: [{ rotationGroup: 'solanum', untilSeason }],
            earliestReuse,
          },
        },
      }),
      'full',
    ).warnings.includes('family')
  assert.equal(barred(2026, '2026-12-01'), true)
  assert.equal(barred(2026, '2027-02-01'), false)
  assert.equal(barred(2027, '2027-02-01'), true)
})

test('what the grower rules out is not open: peat that is added, feeds that are mineral', () => {
  const peaty = ladder({
    stock: { ...STOCK, materials: priced({ 'leaf-mould': 0.05, 'all-purpose-mix': 0.25 }) },
    priorities: { cost: 1, effort: 1, yield: 1, peatFree: true },
  })
  const bars = Object.fromEntries(
    planLadder(peaty).rungs.map(({ id, warnings }) => [id, warnings[0]]),
  )
  assert.equal(bars.replace, 'peat')
  assert.equal(bars['part-fresh'], 'peat')
  assert.equal(bars['as-is'], undefined, 'what is in it already does not count')
  // Told to leave peat out, the recipes find no mix at all: the reason is the same.
  const without = planLadder({ ...peaty, limits: { peatFree: true } })
  assert.deepEqual(without.rungs.at(-1)?.warnings, ['peat'])
  const mineral = ladder({
    priorities: { cost: 1, effort: 1, yield: 1, noMineralFeed: true },
  })
  const soluble = amendment('soluble-20-10-20')
  assert.ok(soluble.mineral)
  assert.equal(rungOf(mineral, 'as-is').warnings[0], 'mineral')
})

test('of the ways that stand the priorities choose: money, work or growth first', () => {
  const standing = ladder({
    lot: { ...ladder().lot, components: mix({ 'all-purpose-mix': 9, 'perlite-coarse': 4 }) },
  })
  const bestBy = (priorities: LadderInput['priorities']) =>
    planLadder({ ...standing, priorities }).best
  const { rungs } = planLadder(standing)
  const open = rungs.filter(({ allowed, fails }) => allowed && fails.length === 0)
  assert.ok(open.length >= 3, 'several ways stand')
  const least = (of: (rung: Rung) => number | null) =>
    [...open].sort((a, b) => (of(a) as number) - (of(b) as number))[0]?.id
  assert.equal(
    bestBy({ cost: 3, effort: 0, yield: 0 })?.id,
    least(({ cost }) => cost),
  )
  assert.equal(
    bestBy({ cost: 0, effort: 3, yield: 0 })?.id,
    least(({ minutesWithFeeding }) => minutesWithFeeding),
  )
  assert.equal(bestBy({ cost: 0, effort: 0, yield: 0 })?.id, open[0]?.id, 'ties: the first')
  const growth = rungOf(standing, bestBy({ cost: 0, effort: 0, yield: 3 })?.id as RungId)
  const reached = (rung: Rung) =>
    Math.min(1, rung.feedPlan?.coverageAfter ?? rung.nCoverage ?? 0) *
    Math.min(1, (rung.airFraction ?? 0) / (crop('chard').airMinPercent / 100)) *
    Math.min(1, (rung.litres ?? 0) / 20)
  assert.ok(open.every((rung) => reached(rung) <= reached(growth) + 1e-12))
})

test('what is not paid for by a known price is not ranked by money', () => {
  const of = (materials: RecipeInput['stock']['materials']) =>
    planLadder(
      ladder({ stock: { ...STOCK, materials }, priorities: { cost: 3, effort: 0, yield: 0 } }),
    )
  const known = of(STOCK.materials)
  const unknown = of(STOCK.materials.map((row) => ({ ...row, pricePerLitre: null })))
  assert.equal(known.best?.isByCost, true)
  assert.equal(unknown.best?.isByCost, false)
  assert.ok(unknown.rungs.at(-1)?.unpriced.includes('all-purpose-mix'))
})

test('a price that every way lacks takes no way’s money out of the weighing', () => {
  const given = ladder({ priorities: { cost: 3, effort: 0, yield: 0 } })
  const { rungs, best } = planLadder(given)
  const lacking = (ids: readonly RungId[]) =>
    bestRung(
      rungs.map((rung) => ({ ...rung, unpriced: ids.includes(rung.id) ? ['some-feed'] : [] })),
      given.priorities,
      { lowAir: crop('chard').airMinPercent / 100, litresWanted: given.litresWanted },
    )
  assert.equal(best?.reason, 'cost')
  assert.deepEqual(lacking(rungs.map(({ id }) => id)), best)
  assert.equal(lacking(['full'])?.isByCost, false)
})

test('without a bagged mix or a compost in the list the ways that need one say so', () => {
  const bare = ladder({ stock: { ...STOCK, materials: priced({ 'perlite-coarse': 0.3 }) } })
  const { rungs } = planLadder(bare)
  const replace = rungs.find(({ id }) => id === 'replace')
  assert.deepEqual(
    [replace?.allowed, replace?.recipe, replace?.litres, replace?.warnings],
    [false, null, null, ['no-fresh-mix']],
  )
  assert.ok(rungs.find(({ id }) => id === 'compost')?.warnings.includes('no-compost'))
  assert.equal(rungs.find(({ id }) => id === 'part-fresh')?.recipe, null)
})

test('a price that is not known is told, not guessed', () => {
  const unpriced = ladder({
    stock: { ...STOCK, materials: priced({ 'leaf-mould': null, 'all-purpose-mix': 0.25 }) },
  })
  assert.ok(rungOf(unpriced, 'compost').warnings.includes('unpriced'))
})

test('impossible input is refused by its kind', () => {
  const refused = (more: object, code: string) =>
    assert.throws(() => planLadder({ ...ladder(), ...more } as LadderInput), { code })
  refused({ lot: undefined }, 'bad-argument')
  refused({ lot: null }, 'bad-argument')
  refused({ lot: { ...ladder().lot, litres: 0 } }, 'out-of-range')
  refused({ climate: undefined }, 'bad-argument')
  refused({ today: 'tomorrow' }, 'bad-argument')
  refused({ litresWanted: 0 }, 'out-of-range')
  refused({ litresWanted: Number.NaN }, 'not-finite')
  refused({ priorities: { cost: 4, effort: 0, yield: 0 } }, 'out-of-range')
  refused({ priorities: { cost: Number.NaN, effort: 0, yield: 0 } }, 'not-finite')
  refused({ climate: { ...ladder().climate, exposureFactor: 9 } }, 'out-of-range')
  assert.throws(() => planLadder(undefined as unknown as LadderInput), { code: 'bad-argument' })
})

test('whatever the lot and the crop: sums hold, the best is open, no number is odd', () => {
  const crops = shippedCrops.filter((_, at) => at % 7 === 0)
  fc.assert(
    fc.property(
      fc.record({
        ph: fc.double({ min: 4, max: 8.5, noNaN: true }),
        ecSme: fc.double({ min: 0.2, max: 7, noNaN: true }),
        fines: fc.integer({ min: 0, max: 6 }),
        litres: fc.double({ min: 1, max: 200, noNaN: true }),
        litresWanted: fc.double({ min: 1, max: 200, noNaN: true }),
        of: fc.constantFrom(...crops),
        cost: fc.integer({ min: 0, max: 3 }),
        growth: fc.integer({ min: 0, max: 3 }),
      }),
      ({ ph, ecSme, fines, litres, litresWanted, of, cost, growth }) => {
        const { rungs, best } = planLadder(
          ladder({
            lot: {
              ...ladder().lot,
              components: mix({ 'all-purpose-mix': 6, 'humified-fines': fines }),
              litres,
              measured: { ph, ecSme },
            },
            litresWanted,
            crop: of,
            priorities: { cost, effort: 1, yield: growth },
          }),
        )
        for (const rung of rungs) {
          assert.ok(rung.recipe)
          close(
            rung.recipe.parts.reduce((sum, { share }) => sum + share, 0),
            1,
            1e-9,
            rung.id,
          )
          assert.ok((rung.litres as number) <= litresWanted * (1 + 1e-9))
          for (const value of Object.values(rung)) {
            assert.ok(typeof value !== 'number' || Number.isFinite(value))
          }
          assert.equal(rung.warnings.includes('litres'), (rung.litres ?? 0) < 0.97 * litresWanted)
        }
        assert.equal(
          best === null,
          rungs.every(({ allowed }) => !allowed),
        )
        const chosen = rungs.find(({ id }) => id === best?.id)
        assert.ok(best === null || chosen?.allowed)
        const open = rungs.filter(({ allowed }) => allowed)
        // The gate before the weights: whatever is weighed, nothing that falls short beats what stands.
        if (open.some(({ fails }) => fails.length === 0)) assert.deepEqual(chosen?.fails, [])
        else if (chosen) {
          const least = Math.min(...open.map(({ shortfall }) => shortfall as number))
          assert.ok((chosen.shortfall as number) <= least + 0.02)
          assert.deepEqual(best?.fails, chosen.fails)
        }
      },
    ),
    { numRuns: 25 },
  )
})
