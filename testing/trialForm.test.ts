import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { TrialKind } from '../src/core/trials'
import {
  designQuestion,
  potsNeeded,
  remarksOf,
  usablePots,
} from '../src/features/trials/plan/designOfForm'
import { bodyOf, valuesOf } from '../src/features/trials/plan/trialBody'
import {
  beginAs,
  EMPTY_TRIAL,
  listOf,
  oneMore,
  sownAs,
  type TrialValues,
  withCandidate,
} from '../src/features/trials/plan/trialValues'
import { newTrialSchema } from '../src/messages/trials/trials'
import type { NewTrialPage } from '../src/messages/trials/trialViews'
import { validate } from '../src/server/validate'

const SHAPE = { kind: 'round' as const, topDiameterCm: 12, baseDiameterCm: 9, heightCm: 11 }
const PAGE: NewTrialPage = {
  kind: null,
  candidate: '',
  plan: null,
  change: null,
  choices: {
    lots: [{ id: 4, name: 'Spent trough', litres: 30 }],
    bags: [{ id: 'seed-mix', name: 'Seed and cutting mix', standardFor: [] }],
  },
  mixes: [{ id: 2, name: 'House mix', versions: [3, 2] }],
  materials: [{ id: 'seed-mix', name: 'Seed and cutting mix' }],
  crops: [{ id: 'chard', name: 'Chard', kind: 'leaf', bearsFruit: false }],
  places: ['Bench'],
  sizes: [
    { name: 'Small', shape: SHAPE, headspaceCm: 1, litres: 1 },
    { name: 'Large', shape: { ...SHAPE, heightCm: 20 }, headspaceCm: 1, litres: 2 },
  ],
  freePots: [],
  lessons: [],
  varied: [],
  rerunOf: null,
}

const typed = (more: Partial<TrialValues>): TrialValues => ({
  ...EMPTY_TRIAL,
  name: 'Chard',
  question: 'Which?',
  place: 'Bench',
  cropId: 'chard',
  crops: ['chard'],
  medium: 'bag:seed-mix',
  added: 'lot:4',
  ...more,
})
const sent = (values: TrialValues) =>
  validate(newTrialSchema, bodyOf(values, PAGE, 'Control'), false)

test('each kind as it begins is taken, once it says what is held against what', () => {
  const [first] = EMPTY_TRIAL.treatments
  const treatments = first ? [{ ...first, medium: 'mix:2:3' }] : []
  for (const kind of ['side-by-side', 'comparison', 'dose', 'count'] as const) {
    const body = sent(typed({ ...beginAs(kind), treatments }))
    assert.equal(body.kind, kind)
    assert.equal(body.treatments[0]?.dose, 0)
    assert.ok(designQuestion(typed(beginAs(kind))))
  }
  assert.equal(sent(typed({ ...beginAs('count'), ...sownAs(false), treatments })).cropId, null)
})

test('a treatment is called after what fills it, and is filled as the control where nothing is said', () => {
  const [first] = EMPTY_TRIAL.treatments
  if (!first) throw new Error('A form begins with a treatment.')
  const body = sent(
    typed({
      ...beginAs('comparison'),
      treatments: [
        { ...first, medium: 'mix:2:3' },
        { ...first, key: 2, care: 'Feed every week', size: 'Large' },
      ],
    }),
  )
  const [control, own, fed] = body.treatments
  assert.deepEqual(
    [control?.name, own?.name, fed?.name],
    ['Control', 'House mix', 'Feed every week'],
  )
  assert.deepEqual(fed?.medium, { kind: 'bag', materialId: 'seed-mix' })
  assert.equal(fed?.potSize?.name, 'Large')
})

test('an older version of a mix is another mix, and is called so', () => {
  const [first] = EMPTY_TRIAL.treatments
  if (!first) throw new Error('A form begins with a treatment.')
  const body = sent(
    typed({
      ...beginAs('comparison'),
      medium: 'mix:2:3',
      treatments: [{ ...first, medium: 'mix:2:2' }],
    }),
  )
  assert.deepEqual(
    body.treatments.map(({ name, medium }) => [name, medium]),
    [
      ['Control', { kind: 'mix', mixId: 2, version: 3 }],
      ['House mix, version 2', { kind: 'mix', mixId: 2, version: 2 }],
    ],
  )
})

test('doses are treatments of one mix; the first has none of what is tried out', () => {
  const body = sent(typed({ ...beginAs('dose'), doses: '0; 12,5; 50' }))
  assert.deepEqual(
    body.treatments.map(({ name, added }) => [name, added?.kind ?? null]),
    [
      ['0 %', null],
      ['12.5 %', 'lot'],
      ['50 %', 'lot'],
    ],
  )
})

test('a plan comes back into the form as it was, and what is to be tried out stands in its field', () => {
  const [first] = EMPTY_TRIAL.treatments
  if (!first) throw new Error('A form begins with a treatment.')
  const treatments = [
    { ...first, medium: 'mix:2:3', size: 'Large', risks: ['raw-manure'] as const },
  ]
  for (const kind of ['side-by-side', 'comparison', 'dose', 'count'] as const) {
    const body = sent(typed({ ...beginAs(kind), treatments }))
    assert.deepEqual(sent(valuesOf(body)), body)
  }
  const of = (kind: TrialKind) => withCandidate(typed(beginAs(kind)), 'mix:9:1')
  assert.equal(of('dose').added, 'mix:9:1')
  assert.equal(of('comparison').treatments[0]?.medium, 'mix:9:1')
})

test('lists of numbers as people type them', () => {
  assert.deepEqual(listOf('7, 14,21 28  35'), [7, 14, 21, 28, 35])
  assert.deepEqual(listOf('12,5; 25'), [12.5, 25])
  assert.deepEqual(listOf('a week'), ['a', 'week'])
  assert.deepEqual(listOf(' '), [])
})

test('letters in numbers are refused at their fields', () => {
  const field = (more: Partial<TrialValues>, name: string) =>
    assert.throws(
      () => sent(typed({ ...beginAs('dose'), ...more })),
      (error: { fields?: { field: string }[] }) =>
        error.fields?.some((one) => one.field === name) ?? false,
    )
  field({ pots: 'some' }, 'pots')
  field({ doses: '0, a lot' }, 'treatments.1.dose')
  field({ checkDays: 'soon' }, 'checkDays.0')
  field({ cv: '0.2' }, 'cv')
  field({ depth: 'deep' }, 'protocol.depthCm')
  assert.equal(designQuestion(typed({ ...beginAs('dose'), pots: 'some' })), null)
})

test('two changes at once are told as soon as both are made', () => {
  const [first] = EMPTY_TRIAL.treatments
  if (!first) throw new Error('A form begins with a treatment.')
  const remarks = (more: object) =>
    remarksOf(
      typed({ ...beginAs('comparison'), size: 'Small', treatments: [{ ...first, ...more }] }),
      PAGE,
      'Control',
    ).map(({ id }) => id)
  assert.deepEqual(remarks({}), [])
  assert.deepEqual(remarks({ medium: 'mix:2:3' }), [])
  assert.deepEqual(remarks({ medium: 'mix:2:3', size: 'Large' }), ['two-changes'])
  assert.deepEqual(remarks({ medium: 'mix:2:3', size: 'Small' }), [])
  assert.deepEqual(remarks({ medium: 'bag:seed-mix' }), ['no-change'])
})

test('pots to choose from stand empty or hold what is tried', () => {
  const pot = (id: number, lotId: number | null) => ({
    id,
    lotId,
    lotName: lotId === null ? null : `Lot ${lotId}`,
    code: `P${id}`,
    name: 'Pot',
    place: 'Bench',
    litres: 1,
  })
  const page = { ...PAGE, freePots: [pot(1, null), pot(2, 4), pot(3, 5)] }
  const ids = (more: Partial<TrialValues>) => usablePots(typed(more), page).map(({ id }) => id)
  assert.deepEqual(ids({}), [1])
  assert.deepEqual(ids({ medium: 'lot:4' }), [1, 2])
  // What was chosen stays in sight, or it could not be given up.
  assert.deepEqual(ids({ potIds: [3] }), [1, 3])
})

test('pots in all, and keys of treatments stay their own', () => {
  assert.equal(potsNeeded(typed({ ...beginAs('dose'), pots: '3' })), 15)
  assert.equal(potsNeeded(typed({ ...beginAs('side-by-side'), crops: ['a', 'b', 'c'] })), 6)
  assert.deepEqual(
    oneMore(oneMore(EMPTY_TRIAL.treatments)).map(({ key }) => key),
    [1, 2, 3],
  )
})
