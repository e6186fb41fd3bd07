import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { allLots } from '../../../testing/lots'
import { close } from '../../../testing/tables'
import { addCalibration, addPen, keepDraft, throwTestAway } from '../../data/bench'
import { materialsById, readLot } from '../../data/media'
import { writeTapWater } from '../../data/site'
import { finishSchema } from '../../messages/bench/observations'
import { comparePage, mixDesignPage, mixesPage, saveNextVersion } from '../mixes'
import { validate } from '../validate'
import { compareTestsPage } from './compareTestsPage'
import { finishBenchTest } from './finishBenchTest'
import { correct, keepMoment } from './moments'
import { pensPage } from './pensPage'
import { presentCalibration } from './presentCalibration'
import { samplePage } from './samplePage'
import { startBenchTest } from './startBenchTest'
import { testPage } from './testPage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
let lotId = 0
before(async () => {
  garden = await demoDatabase()
  const lots = await allLots(garden.db)
  const lot = lots.find(
    ({ containerIds, contents }) => containerIds.length > 0 && contents.litres > 10,
  )
  assert.ok(lot)
  lotId = lot.id
})
after(() => garden.close())

const later = (seconds: number) => new Date(NOW.getTime() + 1000 * seconds)
const begin = (kind: Parameters<typeof startBenchTest>[1]['kind'], more = {}) =>
  startBenchTest(garden.db, { kind, sample: { kind: 'lot', id: lotId }, ...more }, NOW)
const finish = async (
  id: number,
  observation: { kind: string } & Record<string, unknown>,
  at = later(1000),
) =>
  finishBenchTest(
    garden.db,
    id,
    validate(finishSchema, { observation, place: '', judge: '', note: '', water: null }, false),
    at,
  )
const tap = (id: number, key: string, seconds: number, value: number | null = null) =>
  keepMoment(
    garden.db,
    id,
    { id: `${id}-${key}-${seconds}`, key, at: later(seconds).toISOString(), value },
    later(2000),
  )
const DRAIN = {
  kind: 'drain',
  pouredMl: 700,
  drainedMl: 560,
  stoodOnTop: false,
  firstDripS: null,
  markS: null,
  stoppedS: null,
}
const POROSITY = {
  kind: 'porosity',
  volumeMl: 1000,
  addedMl: 780,
  drainedMl: 130,
  startMoisture: 'air-dry',
  startMassG: null,
  dryMassG: null,
}

test('a drain test: taps sent twice are kept once, a correction shows, and times come from the clock', async () => {
  const id = await begin('drain')
  const { expected } = await testPage(garden.db, id, NOW)
  assert.ok((expected?.markS ?? 0) > (expected?.firstDripS ?? 0))
  await tap(id, 'pour', 0)
  await tap(id, 'pour', 0)
  await tap(id, 'drip', 40)
  const state = await tap(id, 'mark', 100)
  assert.deepEqual(
    state.moments.map(({ key }) => key),
    ['pour', 'drip', 'mark'],
  )
  const corrected = await correct(
    garden.db,
    id,
    `${id}-drip-40`,
    { at: later(38).toISOString() },
    later(200),
  )
  const drip = corrected.moments.find(({ key }) => key === 'drip')
  assert.equal(drip?.at, later(38).toISOString())
  assert.equal(drip?.tappedAt, later(40).toISOString())
  await assert.rejects(
    correct(garden.db, id, `${id}-drip-40`, { at: later(-5).toISOString() }, later(200)),
    /before the clock was started/,
  )
  await assert.rejects(tap(id, 'mark', 9999), /has not come yet/)
  const { values, verdicts } = await finish(id, DRAIN)
  const value = (name: string) => values.find((one) => one.name === name)?.value ?? Number.NaN
  close(value('firstDrip'), 38, 1e-9)
  close(value('mark'), 100, 1e-9)
  close(value('mlPerMin'), 9000 / 62, 1e-9)
  assert.match(verdicts[0]?.id ?? '', /^drain\./)
  await assert.rejects(tap(id, 'stands', 120), /This test is finished/)
  await assert.rejects(finish(id, DRAIN), /This test is finished/)
})

test('what is typed is kept with the test, for every device, until it is finished', async () => {
  const id = await begin('weeds')
  await keepDraft(garden.db, id, { count0: '3', signs: ['pale'] })
  assert.deepEqual((await testPage(garden.db, id, NOW)).draft, { count0: '3', signs: ['pale'] })
  await finish(id, {
    kind: 'weeds',
    areaCm2: 400,
    counts: [{ on: '2026-11-01', count: 3 }],
    untreatedAreaCm2: null,
    untreatedCount: null,
  })
  assert.equal((await testPage(garden.db, id, NOW)).draft, null)
  await assert.rejects(keepDraft(garden.db, id, {}), /This test is finished/)
})

test('more drained than poured, times out of order and answers of another test are refused, and nothing is written', async () => {
  const id = await begin('drain')
  await assert.rejects(finish(id, { ...DRAIN, drainedMl: 900 }), /cannot have run out of 700 mL/)
  await assert.rejects(
    finish(id, { ...DRAIN, firstDripS: 90, markS: 40 }),
    /The times are out of order/,
  )
  await assert.rejects(finish(id, POROSITY), /answers of another test/)
  const page = await testPage(garden.db, id, NOW)
  assert.deepEqual([page.endedAt, page.outcome], [null, null])
  await throwTestAway(garden.db, id, NOW)
  await assert.rejects(testPage(garden.db, id, NOW), /thrown away/)
  await throwTestAway(garden.db, id, null)
  assert.equal((await testPage(garden.db, id, NOW)).id, id)
  await throwTestAway(garden.db, id, NOW)
})

test('a porosity test corrects the curve of its lot; what was expected stays beside it', async () => {
  const id = await begin('porosity')
  const { values } = await finish(id, POROSITY, later(4000))
  close(values.find(({ name }) => name === 'airFraction')?.value ?? 0, 0.13, 1e-12)
  const { calibration, spreads } = await testPage(garden.db, id, later(4000))
  assert.ok(calibration)
  assert.ok(calibration.from.includes('porosity'))
  assert.notEqual(calibration.expected.air, calibration.measured.air)
  assert.equal(spreads[0]?.sd, null)
  const again = await begin('porosity', { besideId: id })
  await finish(again, { ...POROSITY, drainedMl: 150 }, later(5000))
  const page = await testPage(garden.db, again, later(5000))
  assert.equal(page.runNumber, 2)
  const air = page.spreads.find(({ name }) => name === 'airFraction')
  close(air?.mean ?? 0, 0.14, 1e-12)
  assert.equal(air?.n, 2)
  const { series } = await samplePage(garden.db, { kind: 'lot', id: lotId })
  // Repeats count as one test, with their mean.
  assert.equal(series.find(({ name }) => name === 'airInPot')?.points.length, 1)
})

test('a reference run beside is compared, and never counts for the sample', async () => {
  const id = await begin('porosity')
  await finish(id, POROSITY)
  const beside = await startBenchTest(
    garden.db,
    {
      kind: 'porosity',
      sample: { kind: 'material', id: 'all-purpose-mix' },
      besideId: id,
      reference: true,
    },
    NOW,
  )
  await finish(beside, { ...POROSITY, drainedMl: 260 })
  const { spreads, runs } = await testPage(garden.db, id, NOW)
  const air = spreads.find(({ name }) => name === 'airFraction')
  assert.deepEqual([air?.n, air?.reference?.n, air?.reference?.apart], [1, 1, false])
  close(air?.reference?.mean ?? 0, 0.26, 1e-12)
  assert.equal(runs.filter(({ isReference }) => isReference).length, 1)
  await assert.rejects(
    startBenchTest(
      garden.db,
      { kind: 'porosity', sample: { kind: 'material', id: 'pumice' }, besideId: id },
      NOW,
    ),
    /on the same sample/,
  )
  await assert.rejects(begin('squeeze', { besideId: id }), /of the same test/)
})

test('times are put right in any order; what contradicts itself is refused at the end', async () => {
  const id = await begin('drain')
  await tap(id, 'pour', 0)
  await tap(id, 'drip', 20)
  await tap(id, 'mark', 80)
  const at = (seconds: number) => ({ at: later(seconds).toISOString() })
  const now = later(2000)
  // Both were tapped too late: the first that is put right lies before the other for a while.
  await correct(garden.db, id, `${id}-mark-80`, at(10), now)
  const early = { kind: 'drain', pouredMl: 700, drainedMl: 400, stoodOnTop: false } as const
  const times = { firstDripS: null, markS: null, stoppedS: null }
  await assert.rejects(finish(id, { ...early, ...times }), /first drip/)
  await correct(garden.db, id, `${id}-drip-20`, at(5), now)
  await assert.rejects(
    correct(garden.db, id, `${id}-drip-20`, { at: later(-5).toISOString() }, now),
    /before the clock was started/,
  )
  const { values } = await finish(id, { ...early, ...times })
  assert.equal(values.find(({ name }) => name === 'firstDrip')?.value, 5)
})

test('the one that ran beside is a test of its own mix: under its own name, learnt from, run again', async () => {
  const id = await begin('porosity')
  await finish(id, POROSITY)
  const sample = { kind: 'material', id: 'seed-mix' } as const
  const start = { kind: 'porosity', sample, besideId: id, reference: true } as const
  const beside = await startBenchTest(garden.db, start, NOW)
  await finish(beside, { ...POROSITY, drainedMl: 260 })
  const page = await testPage(garden.db, beside, NOW)
  const air = page.spreads.find(({ name }) => name === 'airFraction')
  close(air?.mean ?? 0, 0.26, 1e-12, 'its own')
  const own = (await testPage(garden.db, id, NOW)).spreads.find(
    ({ name }) => name === 'airFraction',
  )
  close(air?.reference?.mean ?? 0, own?.mean ?? 1, 1e-12, 'beside it the sample that it ran beside')
  const learnt = await presentCalibration(garden.db, sample)
  assert.ok(learnt?.testIds.includes(beside), 'its mix learns from it')
  const again = await startBenchTest(garden.db, { ...start, besideId: beside }, later(4000))
  await finish(again, { ...POROSITY, drainedMl: 240 }, later(4000))
  const second = await testPage(garden.db, again, later(4000))
  assert.equal(second.runNumber, 2)
  const { sets } = await samplePage(garden.db, sample)
  assert.equal(sets[0]?.runs.length, 2)
  const compared = await compareTestsPage(garden.db, { a: `lot:${lotId}`, b: 'material:seed-mix' })
  assert.ok(compared.kinds.includes('porosity'))
})

test('runs that contradict each other are shown so, and nothing is learnt from their mean', async () => {
  const sample = { kind: 'material', id: 'peat-medium' } as const
  const id = await startBenchTest(garden.db, { kind: 'drain', sample }, NOW)
  const drain = (markS: number) => ({
    kind: 'drain' as const,
    pouredMl: 700,
    drainedMl: 640,
    stoodOnTop: false,
    firstDripS: 10,
    markS,
    stoppedS: null,
  })
  await finish(id, drain(24))
  const again = await startBenchTest(
    garden.db,
    { kind: 'drain', sample, besideId: id },
    later(4000),
  )
  await finish(again, drain(738), later(4000))
  const { spreads } = await testPage(garden.db, again, later(4000))
  const learnt = await presentCalibration(garden.db, sample)
  const mark = spreads.find(({ name }) => name === 'mark')
  assert.deepEqual([mark?.disagree, mark?.values], [true, [24, 738]])
  assert.ok(!learnt?.testIds.includes(again))
  // A stop at the second of the mark, with half a litre more out, was not seen.
  const third = await startBenchTest(garden.db, { kind: 'drain', sample }, later(8000))
  const { verdicts, values } = await finish(third, { ...drain(90), stoppedS: 90 }, later(8000))
  assert.ok(verdicts.some((verdict) => verdict.id === 'drain.stop-doubted'))
  assert.ok(values.every(({ name }) => name !== 'stopped'))
})

test('a recipe that was tested says so in its designer until its next version', async () => {
  const mixes = await mixDesignPage(garden.db, { mix: 1 })
  const parts1 = mixes.parts
  assert.equal(mixes.tested, null)
  const id = await startBenchTest(
    garden.db,
    { kind: 'porosity', sample: { kind: 'mix', id: 1 } },
    NOW,
  )
  await finish(id, POROSITY)
  const { tested, first } = await mixDesignPage(garden.db, { mix: 1 })
  assert.ok(tested)
  close(tested.expectedAir, mixes.first?.capacity.airFraction ?? 0, 1e-9)
  assert.ok(Math.abs(tested.air - tested.expectedAir) > 0.01)
  close(
    first?.capacity.airFraction ?? 0,
    tested.air,
    0.01,
    'the band and its sentence follow the test',
  )
  const listed = (await mixesPage(garden.db)).mixes.find((one) => one.id === 1)
  close(listed?.air ?? 0, tested.air, 0.01, 'the list too')
  assert.ok(listed?.airTestedOn)
  const compared = (await comparePage(garden.db, { mixes: '1' })).mixes.find(
    ({ key }) => key === '1',
  )
  assert.equal(compared?.asTested.length, parts1.length, 'and pots that are compared')
  const { name, parts, madeFor } = await mixDesignPage(garden.db, { mix: 1 })
  const { version = 0 } = (await mixDesignPage(garden.db, { mix: 1 })).mix ?? {}
  const changed = parts.map((part, i) => (i === 0 ? { ...part, litres: part.litres + 1 } : part))
  await saveNextVersion(
    garden.db,
    1,
    { name, parts: changed, madeFor, note: '', after: version },
    later(9000),
  )
  assert.equal((await mixDesignPage(garden.db, { mix: 1 })).tested, null)
})

test('a material that was tested is taken as tested, wherever it is mixed in', async () => {
  const before = (await materialsById(garden.db)).get('coir-pith')
  const id = await startBenchTest(
    garden.db,
    { kind: 'porosity', sample: { kind: 'material', id: 'coir-pith' } },
    NOW,
  )
  await finish(id, POROSITY)
  const tested = (await materialsById(garden.db)).get('coir-pith')
  assert.ok(before && tested && Math.abs(tested.totalPorosity - before.totalPorosity) > 0.001)
  assert.equal(tested.curve.thetaS, tested.totalPorosity)
  const { materials } = await mixDesignPage(garden.db, {})
  const offered = materials.find(({ material }) => material.id === 'coir-pith')
  assert.deepEqual(offered?.material.curve, tested.curve)
  await throwTestAway(garden.db, id, later(9000), 'the wrong bucket')
  assert.deepEqual(
    (await materialsById(garden.db)).get('coir-pith'),
    before,
    'set aside: as before',
  )
})

test('the water from the tap is kept, and not over what another has kept meanwhile', async () => {
  const { tapWater, siteVersion } = await pensPage(garden.db, NOW)
  const harder = { ...tapWater, alkalinityMgPerL: 260 }
  const next = await writeTapWater(garden.db, harder, siteVersion)
  assert.equal((await pensPage(garden.db, NOW)).tapWater.alkalinityMgPerL, 260)
  await assert.rejects(writeTapWater(garden.db, tapWater, siteVersion), /changed in the meantime/)
  assert.equal(next, siteVersion + 1)
})

test('a pH by an untrusted pen is kept but nothing is limed by it; a trusted one becomes the reading of the lot', async () => {
  const phOf = async () =>
    (await readLot(garden.db, lotId)).measurements.filter(({ quantity }) => quantity === 'ph')
      .length
  const reading = {
    kind: 'phEc',
    method: '1:2',
    ph: 5.4,
    ecDsPerM: 0.9,
    tempC: 20,
    compensated: false,
    waterEcDsPerM: 0.6,
  }
  const before = await phOf()
  const pen = await addPen(garden.db, 'Old pen', NOW)
  const doubtful = await finish(await begin('phEc'), { ...reading, penId: pen })
  assert.equal(doubtful.verdicts[0]?.id, 'pen.uncertain')
  assert.equal(doubtful.verdicts[0]?.told.doubts, 'never calibrated')
  assert.equal(await phOf(), before)
  await addCalibration(garden.db, pen, {
    at: NOW,
    tempC: 22,
    buffers: [
      { ph: 4.01, millivolts: 165 },
      { ph: 7, millivolts: -2 },
    ],
  })
  const trusted = await finish(await begin('phEc'), { ...reading, penId: pen })
  assert.match(trusted.verdicts[0]?.id ?? '', /^ph\./)
  assert.equal(await phOf(), before + 1)
  const told = async () =>
    (await pensPage(garden.db, NOW)).pens.find(({ id }) => id === pen)?.compensates
  assert.equal(await told(), false, 'asked once: the pen knows it from then on')
  await finish(await begin('phEc'), { ...reading, compensated: true, penId: pen })
  assert.equal(await told(), true, 'until it is said otherwise')
  await assert.rejects(
    finish(await begin('phEc'), { ...reading, ph: 15, penId: pen }),
    /A pH lies between 2 and 12/,
  )
  await assert.rejects(
    finish(await begin('phEc'), { ...reading, ph: null, ecDsPerM: null, penId: null }),
    /Read the pH, the conductivity, or both/,
  )
})

test('a jar test gives the lot its buffer; a heat record counts to the dose of its problem', async () => {
  const jar = await finish(await begin('jar'), {
    kind: 'jar',
    amendmentId: 'calcitic-lime',
    target: 6.2,
    days: 14,
    points: [
      { gPerL: 0, ph: 5.2 },
      { gPerL: 1, ph: 5.7 },
      { gPerL: 2, ph: 6.1 },
      { gPerL: 4, ph: 6.8 },
    ],
  })
  assert.equal(jar.verdicts[0]?.id, 'jar.dose')
  const { measurements } = await readLot(garden.db, lotId)
  assert.ok(measurements.some(({ quantity }) => quantity === 'buffer'))

  const heat = await begin('heat')
  await tap(heat, 'temp', 0, 20)
  await tap(heat, 'temp', 600, 62)
  await tap(heat, 'temp', 1800, 66)
  const answers = { kind: 'heat', problemId: 'damping-off', readings: [] }
  const short = await finish(heat, answers, later(1900))
  assert.equal(short.verdicts[0]?.id, 'heat.continue')
  close(Number(short.verdicts[0]?.told.minutes), 20 + (10 * 2) / 42, 1e-9)
  await assert.rejects(
    finish(await begin('heat'), { ...answers, problemId: 'nobody' }),
    /no such problem/,
  )
})

test('drops timed by the clock need not be typed; more mix than the pot holds is refused', async () => {
  const id = await begin('wetting')
  const nothing = { kind: 'wetting', dropsS: [], runsDownSide: false, gapMm: 0 }
  await assert.rejects(finish(id, nothing), /Time at least one drop/)
  await tap(id, 'drops', 0)
  await tap(id, 'gone1', 4)
  await tap(id, 'gone2', 80)
  const { values } = await finish(id, nothing)
  assert.equal(values[0]?.value, 42)
  await assert.rejects(
    finish(await begin('porosity'), { ...POROSITY, volumeMl: 5000, addedMl: 3500 }),
    /pot of the test kit holds/,
  )
})

test('every other test is kept with a verdict', async () => {
  const observations = [
    { kind: 'squeeze', ball: 'crumbles', drops: 'none' },
    { kind: 'palm', threads: true, grit: false, stain: false },
    { kind: 'wetting', dropsS: [3, 70, 90], runsDownSide: false, gapMm: 0 },
    { kind: 'wetting', dropsS: [3], runsDownSide: true, gapMm: 0 },
    { kind: 'settling', heightsCm: [16, 15, 14.6] },
    { kind: 'sieve', litresIn: 40, litresOut: 35, woodyLitres: 1 },
    { kind: 'look', smell: 'sour', sights: ['gnats'] },
    {
      kind: 'seedling',
      pots: [{ sharePercent: 0, sown: 10, sprouted: 5, heightMm: null }],
      signs: [],
    },
    {
      kind: 'weeds',
      areaCm2: 400,
      counts: [{ on: '2026-11-01', count: 3 }],
      untreatedAreaCm2: 400,
      untreatedCount: 20,
    },
    { ...DRAIN, kind: 'layers', bottomMaterialId: 'gravel', bottomCm: 4, wetZoneCm: 7 },
  ]
  for (const observation of observations) {
    const id = await begin(observation.kind as 'squeeze')
    const { verdicts } = await finish(id, observation)
    assert.ok(verdicts.length > 0, observation.kind)
  }
})
