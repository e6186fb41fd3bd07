import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, crop, material } from '../../../../testing/tables'
import { DEFAULT_KIT } from '../defaultKit'
import type { Observation } from '../observations'
import { derive, type TestContext } from './derive'
import { expectedOf } from './expectedOf'
import { type LearnableRun, learn } from './learn'
import { withClock } from './withClock'

const { curve, ksCmPerS } = material('all-purpose-mix')
const prior = { curve, ksCmPerS }
const expected = expectedOf('drain', prior, DEFAULT_KIT)
const context: TestContext = {
  kit: DEFAULT_KIT,
  expected,
  prior,
  pot: null,
  bottom: null,
  crop: null,
  penCalibration: null,
  amendment: null,
  problem: null,
}
const verdicts = (observation: Observation, more: Partial<TestContext> = {}) =>
  derive(observation, { ...context, ...more }).outcome.verdicts.map(({ id }) => id)
const drain = (
  markS: number | null,
  more: Partial<Observation<'drain'>> = {},
): Observation<'drain'> => ({
  kind: 'drain',
  pouredMl: 700,
  firstDripS: markS === null ? null : 20,
  markS,
  stoppedS: null,
  drainedMl: markS === null ? 0 : 560,
  stoodOnTop: false,
  ...more,
})

test('a drain test is held against what the recipe lets expect', () => {
  const markS = expected?.markS ?? 0
  assert.ok(markS > 20)
  assert.deepEqual(verdicts(drain(markS * 1.2)), ['drain.as expected'])
  assert.deepEqual(verdicts(drain(markS * 3)), ['drain.slower'])
  assert.deepEqual(verdicts(drain(markS / 3, { firstDripS: 1 })), ['drain.faster'])
  assert.deepEqual(verdicts(drain(null)), ['drain.stalled'])
  assert.deepEqual(verdicts(drain(null, { drainedMl: 600 })), ['drain.untimed'])
  assert.deepEqual(verdicts(drain(markS, { stoodOnTop: true })), [
    'drain.as expected',
    'drain.stood',
  ])
})

test('a layer demonstration is told beside the model of the same fill', () => {
  const gravel = material('gravel')
  const { outcome } = derive(
    { ...drain(60), kind: 'layers', bottomCm: 4, wetZoneCm: 6, bottomMaterialId: 'gravel' },
    { ...context, bottom: { curve: gravel.curve, ksCmPerS: gravel.ksCmPerS } },
  )
  const expectedCm = outcome.values.find(({ name }) => name === 'wetZoneExpected')?.value ?? 0
  // The wet zone of the mix stands on the layer, not in it.
  assert.ok(expectedCm > 4.5 && expectedCm < 9, String(expectedCm))
  assert.equal(outcome.verdicts[0]?.told.expected, expectedCm)
})

test('salts above what the crop bears, and a pH outside its band, are told', () => {
  const reading: Observation<'phEc'> = {
    kind: 'phEc',
    penId: null,
    method: 'SME',
    ph: 7.2,
    ecDsPerM: 6,
    tempC: 25,
    compensated: true,
    waterEcDsPerM: 0,
  }
  const penCalibration = {
    daysAgo: 2,
    tempC: 25,
    buffers: [
      { ph: 4.01, millivolts: 170 },
      { ph: 7, millivolts: 0 },
    ],
  }
  assert.deepEqual(verdicts(reading, { crop: crop('strawberry'), penCalibration }), [
    'ph.high',
    'ec.high',
  ])
  assert.deepEqual(verdicts(reading), ['pen.uncertain', 'ec.band'])
})

test('cupped leaves point to weedkiller, a failed control makes it void', () => {
  const control = { sharePercent: 0, sown: 10, sprouted: 9, heightMm: null }
  const pots = [control, { ...control, sharePercent: 100, curled: 2 }]
  assert.deepEqual(verdicts({ kind: 'seedling', pots, signs: [] }), [
    'seedling.harmed',
    'seedling.weedkiller',
  ])
  // In older tests leaves were ticked, not counted.
  const ticked = [control, { ...control, sharePercent: 50 }]
  assert.deepEqual(verdicts({ kind: 'seedling', pots: ticked, signs: ['cupped'] }), [
    'seedling.harmed',
    'seedling.weedkiller',
  ])
  assert.deepEqual(verdicts({ kind: 'seedling', pots: ticked, signs: [] }), ['seedling.too-weak'])
  assert.deepEqual(verdicts({ kind: 'seedling', pots: [{ ...control, sprouted: 4 }], signs: [] }), [
    'seedling.void',
  ])
})

test('the times of the clock count before those that were typed', () => {
  const at = (s: number) => new Date(1_000_000 + 1000 * s)
  const moments = [
    { key: 'pour', at: at(0), value: null },
    { key: 'drip', at: at(33), value: null },
    { key: 'stands', at: at(40), value: null },
  ]
  assert.deepEqual(withClock(drain(90), moments), {
    ...drain(90),
    firstDripS: 33,
    stoodOnTop: true,
  })
  const heat = withClock({ kind: 'heat', problemId: null, readings: [] }, [
    { key: 'temp', at: at(0), value: 40 },
    { key: 'temp', at: at(600), value: 62 },
  ])
  assert.deepEqual(heat, {
    kind: 'heat',
    problemId: null,
    readings: [
      { minute: 0, tempC: 40 },
      { minute: 10, tempC: 62 },
    ],
  })
  const squeeze = { kind: 'squeeze', ball: 'none', drops: 'none' } as const
  assert.equal(withClock(squeeze, moments), squeeze)
})

test('a sample learns from the mean of its repeats, and from nothing where nothing tells', () => {
  const porosity = (drainedMl: number): Observation<'porosity'> => ({
    kind: 'porosity',
    volumeMl: 1000,
    addedMl: 700,
    drainedMl,
    startMoisture: 'air-dry',
    startMassG: null,
    dryMassG: null,
  })
  const run = (id: number, drainedMl: number): LearnableRun => ({
    id,
    kind: 'porosity',
    setId: id === 1 ? null : 1,
    kit: DEFAULT_KIT,
    outcome: derive(porosity(drainedMl), context).outcome,
  })
  const last = derive(porosity(140), context)
  const alone = learn(last, prior, { id: 3, kind: 'porosity', setId: null }, [])
  const repeated = learn(last, prior, { id: 3, kind: 'porosity', setId: 1 }, [
    run(2, 120),
    run(1, 100),
  ])
  const meanOf = derive(porosity(120), context)
  const mean = learn(meanOf, prior, { id: 9, kind: 'porosity', setId: null }, [])
  close(repeated?.curve.alpha ?? 0, mean?.curve.alpha ?? 1, 1e-9)
  assert.notEqual(alone?.curve.alpha, repeated?.curve.alpha)
  assert.deepEqual(repeated?.testIds, [3, 2, 1])
  const squeeze = derive({ kind: 'squeeze', ball: 'crumbles', drops: 'none' }, context)
  assert.equal(learn(squeeze, prior, { id: 4, kind: 'squeeze', setId: null }, [run(1, 100)]), null)
})

test('an end that was tapped where so much cannot have run out in that time counts as not seen', () => {
  const doubted = (markS: number, stoppedS: number, drainedMl: number) =>
    verdicts({
      ...drain(markS),
      firstDripS: Math.min(20, markS),
      stoppedS,
      drainedMl,
    }).includes('drain.stop-doubted')
  // Mark after 90 s: 150 mL in 70 s; read as a grower would.
  assert.equal(doubted(90, 90, 640), true, 'half a litre in no time')
  assert.equal(doubted(90, 92, 640), true, 'nor in two seconds')
  assert.equal(doubted(90, 130, 640), true, 'nor in forty, at six times the speed')
  assert.equal(doubted(90, 200, 640), false, 'in two minutes it can')
  assert.equal(doubted(90, 600, 640), false, 'as usual')
  assert.equal(doubted(90, 90, 150), false, 'the mark was the end')
  assert.equal(doubted(90, 90, 190), false, 'a cup more may have been on its way')
  assert.equal(doubted(25, 60, 650), false, 'an open mix')
  assert.equal(doubted(25, 26, 650), true, 'even of an open mix')
  assert.equal(doubted(400, 900, 400), false, 'a slow mix')
})
