import assert from 'node:assert/strict'
import { test } from 'node:test'
import { DEFAULT_KIT, type Observation, TEST_KINDS, type TestKind } from '../../core/bench'
import { DEFAULT_MEASURES } from '../../core/units'
import { finishSchema } from '../../messages/bench/observations'
import { kitSchema } from '../../messages/bench/tests'
import type { Problem } from '../../messages/problem'
import { formatFor } from '../../ui/format'
import { type BenchValues, benchBody, waterBody } from './benchBody'
import { benchDefaults } from './benchFields'
import { benchValues } from './benchValues'
import { changeText } from './changeText'
import { fieldErrors } from './fieldErrors'
import { kitBody, kitDefaults } from './kitValues'

const start = (kind: (typeof TEST_KINDS)[number]) =>
  benchDefaults(kind, DEFAULT_KIT, {
    penId: 3,
    today: '2026-11-02',
    tapWater: { ecDsPerM: 0.6, alkalinityMgPerL: 210 },
  })
const sent = <Kind extends TestKind>(kind: Kind, typed: BenchValues) =>
  benchBody(kind, { ...start(kind), ...typed }, DEFAULT_MEASURES)
const body = <Kind extends TestKind>(kind: Kind, typed: BenchValues) =>
  sent(kind, typed).observation
const refused = (observation: unknown): string[] =>
  finishSchema
    .validate(
      { observation, place: '', judge: '', note: '' },
      { abortEarly: false, convert: false },
    )
    .error?.details.map(({ path }) => path.join('.')) ?? []

/** What a grower would type into each form. */
const TYPED: Readonly<Record<(typeof TEST_KINDS)[number], Record<string, string | string[]>>> = {
  drain: { drainedMl: '0.6 L' },
  layers: { drainedMl: '600 mL', bottomMaterialId: 'gravel', bottomCm: '5', wetZoneCm: '8 cm' },
  porosity: { addedMl: '3 cups', drainedMl: '200 mL' },
  squeeze: { ball: 'crumbles', drops: 'none' },
  palm: { feels: ['grit', 'stain'] },
  wetting: { drop0: '4', drop1: '70' },
  settling: { height0: '16 cm', height1: '15' },
  phEc: { ph: '6,2' },
  jar: { amendmentId: 'calcitic-lime', target: '6', ph0: '5', ph1: '5.4', ph2: '5.9' },
  seedling: {
    daysSown: '21',
    sown0: '5',
    sprouted0: '5',
    sown3: '5',
    sprouted3: '2',
    curled3: '1',
  },
  weeds: { areaCm2: '400', count0: '3' },
  heat: {},
  sieve: { litresIn: '1 bucket', litresOut: '8 L' },
  look: { smell: 'earthy', sights: ['worms'] },
}

test('what a grower types into each form arrives as an observation that is taken', () => {
  for (const kind of TEST_KINDS) assert.deepEqual(refused(body(kind, TYPED[kind])), [], kind)
})

test('amounts arrive in the unit of the test, whatever they were typed in', () => {
  assert.equal(body('drain', TYPED.drain).drainedMl, 600)
  assert.equal(body('drain', TYPED.drain).pouredMl, 700)
  assert.equal(body('drain', { ...TYPED.drain, markS: '1:38' }).markS, 98)
  assert.deepEqual(refused(body('drain', { ...TYPED.drain, markS: 'soon' })), ['observation.markS'])
  assert.equal(body('sieve', TYPED.sieve).litresIn, DEFAULT_MEASURES.bucketL)
  assert.equal(body('phEc', TYPED.phEc).ph, 6.2)
  assert.equal(body('phEc', TYPED.phEc).penId, 3)
  assert.equal(body('heat', {}).problemId, null)
  assert.deepEqual(body('wetting', TYPED.wetting).dropsS, [4, 70])
  assert.deepEqual(body('palm', TYPED.palm), {
    kind: 'palm',
    threads: false,
    grit: true,
    stain: true,
  })
  assert.equal(body('jar', TYPED.jar).points.length, 3)
  assert.deepEqual(
    body('seedling', TYPED.seedling).pots.map(({ sharePercent, curled }) => [sharePercent, curled]),
    [
      [0, 0],
      [100, 1],
    ],
  )
})

test('what cannot be read is refused at its field, never left out', () => {
  const drops = { drop0: '4', drop1: 'abc', drop2: '6' }
  assert.deepEqual(refused(body('wetting', drops)), ['observation.dropsS.1'])
  assert.deepEqual(refused(body('phEc', { ph: 'about 6' })), ['observation.ph'])
  assert.deepEqual(refused(body('phEc', { ecDsPerM: '450 volts' })), ['observation.ecDsPerM'])
  assert.deepEqual(refused(body('seedling', { ...TYPED.seedling, sprouted0: 'most' })), [
    'observation.pots.0.sprouted',
  ])
  assert.deepEqual(refused(body('jar', { ...TYPED.jar, ph3: 'x', dose4: '6', ph4: '6.5' })), [
    'observation.points.3.ph',
  ])
})

test('units people use are read, and a bare number is in the unit of its field', () => {
  assert.equal(body('phEc', { ecDsPerM: '450 uS' }).ecDsPerM, 0.45)
  assert.equal(body('phEc', { ecDsPerM: '0,45 mS/cm' }).ecDsPerM, 0.45)
  const ppm = (measures: typeof DEFAULT_MEASURES & { ppmPerDsM?: number }) =>
    benchBody('phEc', { ...start('phEc'), ecDsPerM: '350 ppm' }, measures).observation.ecDsPerM
  assert.equal(ppm({ ...DEFAULT_MEASURES, ppmPerDsM: 700 }), 0.5)
  assert.equal(ppm(DEFAULT_MEASURES), '350 ppm', 'which ppm it is has to be asked')
  assert.equal(Math.round(Number(body('phEc', { tempC: '68 °F' }).tempC)), 20)
  assert.equal(body('drain', { drainedMl: '600' }).drainedMl, 600)
  assert.equal(body('weeds', { areaCm2: '30 × 20 cm', count0: '3' }).areaCm2, 600)
})

test('a finished test comes back into its form as it was', () => {
  for (const kind of TEST_KINDS) {
    const observation = body(kind, {
      ...TYPED[kind],
      ...(kind === 'drain' ? { markS: '1:38' } : {}),
      ...(kind === 'seedling' ? { sownAs: 'legume', signs: ['pale'], share1: '100' } : {}),
    })
    const again = benchBody(
      kind,
      { ...start(kind), ...benchValues(observation as Observation) },
      DEFAULT_MEASURES,
    )
    assert.deepEqual(again.observation, observation, kind)
  }
})

test('the water used stands beside tests with water, and what is no number is refused', () => {
  const water = waterBody('drain', { ...start('drain'), waterTempC: '58.1 °F' }, DEFAULT_MEASURES)
  assert.deepEqual(water, { tempC: 14.5, ecDsPerM: 0.6, alkalinityMgPerL: 210 })
  assert.equal(waterBody('squeeze', start('squeeze'), DEFAULT_MEASURES), null)
  const wrong = finishSchema.validate(
    {
      observation: body('drain', TYPED.drain),
      place: '',
      judge: '',
      note: '',
      water: waterBody('drain', { ...start('drain'), waterTempC: 'cold' }, DEFAULT_MEASURES),
    },
    { abortEarly: false, convert: false },
  )
  assert.deepEqual(
    wrong.error?.details.map(({ path }) => path.join('.')),
    ['water.tempC'],
  )
})

test('what is missing or no amount is refused at its field, and the form finds it there', () => {
  const missing = refused(body('drain', { drainedMl: 'a bit' }))
  assert.deepEqual(missing, ['observation.drainedMl'])
  assert.ok(refused(body('porosity', {})).includes('observation.addedMl'))
  // Each missing answer is told once.
  assert.deepEqual(refused(body('squeeze', {})), ['observation.ball', 'observation.drops'])
  assert.deepEqual(refused(body('palm', {})), ['observation.threads'])
  assert.deepEqual(refused(body('look', {})), ['observation.smell'])
  assert.deepEqual(refused(body('settling', {})), [
    'observation.heightsCm.0',
    'observation.heightsCm.1',
  ])
  assert.ok(refused(body('jar', { ...TYPED.jar, ph1: '' })).includes('observation.points.1.ph'))
  const problem = (field: string): Problem => ({
    type: 'about:blank',
    title: '',
    status: 422,
    code: 'not-valid',
    detail: '',
    fields: [{ field, message: 'wrong' }],
  })
  const told = (kind: TestKind, path: string, field: string) =>
    fieldErrors(problem(path), sent(kind, TYPED[kind]).fieldAt, field, 1)?.message
  assert.equal(told('jar', 'observation.points.1.ph', 'ph1'), 'wrong')
  assert.equal(told('settling', 'observation.heightsCm.2', 'height2'), 'wrong')
  assert.equal(told('wetting', 'observation.dropsS', 'drop0'), 'wrong')
  assert.equal(told('palm', 'observation.threads', 'feels'), 'wrong')
  assert.equal(told('drain', 'drainedMl', 'drainedMl'), 'wrong')
  assert.equal(told('drain', 'observation.markS', 'drainedMl'), undefined)
  // Rows that were left empty are not sent: the pots of half the doubtful mix are the second row then.
  assert.equal(told('seedling', 'observation.pots.1.sprouted', 'sprouted3'), 'wrong')
  assert.equal(told('seedling', 'observation.pots.1.sprouted', 'sprouted1'), undefined)
  assert.equal(fieldErrors(null, new Map(), 'ph', 1), undefined)
})

test('the kit comes back from its form as it was, minutes and millilitres in their units', () => {
  const typed = kitDefaults(DEFAULT_KIT)
  assert.equal(typed.endS, '15')
  assert.equal(typed.pouredMl, '700 mL')
  const kit = kitBody(typed, DEFAULT_MEASURES)
  assert.deepEqual(kit, DEFAULT_KIT)
  assert.equal(kitSchema.validate({ kit, version: 0 }).error, undefined)
  const wrong = kitBody({ ...typed, columnShape_heightCm: 'tall' }, DEFAULT_MEASURES)
  assert.match(String(kitSchema.validate({ kit: wrong, version: 0 }).error), /height/)
})

test('a change over innings is said in a simple fraction where it is one', () => {
  const format = formatFor({
    locale: 'en-GB',
    unitSystem: 'metric',
    currency: null,
    timeZone: 'UTC',
  })
  const said = (share: number, innings = 2) =>
    changeText({ name: 'airInPot', change: { from: 1, to: 1 + share, innings, share } }, format)
  assert.equal(said(-0.34), 'It lost a third of its air in 2 innings.')
  assert.equal(said(-0.5, 1), 'It lost half of its air in one innings.')
  assert.match(said(-0.42) ?? '', /lost 42 % of its air/)
  assert.match(said(0.6) ?? '', /gained 60 %/)
  assert.equal(changeText({ name: 'ph', change: null }, format), null)
})
