import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { close as near } from '../../../testing/tables'
import { DomainError } from '../../core/errors'
import { appendLines } from '../../data/media'
import { newReadingSchema } from '../../messages/media/readings'
import { why as whyWords } from '../../ui/texts/why'
import { validate } from '../validate'
import { lotPage } from './lotPage'
import { newReading } from './newReading'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const chemistryOf = async (id: number) => {
  const { chemistry } = await lotPage(garden.db, id, NOW)
  assert.ok(chemistry)
  return chemistry
}

test('the chemistry of a planted lot stands on its crop, with a reason for every number', async () => {
  const page = await lotPage(garden.db, 3, NOW)
  const { chemistry, why } = page
  assert.ok(chemistry)
  assert.equal(chemistry.cropName, 'Camellia')
  assert.equal(chemistry.growing, true)
  for (const key of ['buffer', 'freeLime', 'drift', 'nitrogen', 'pk'] as const) {
    const reason = why[key]
    assert.ok(reason, key)
    assert.notEqual(whyWords.rule(reason.rule), reason.rule)
    assert.notEqual(whyWords.sourceOf(reason.source), reason.source)
    for (const { name } of reason.inputs) assert.notEqual(whyWords.input(name), name)
  }
  assert.ok(chemistry.drift && chemistry.drift.deltaPh > 0, 'hard water lifts the pH')
  assert.equal(chemistry.drift.monthsToLeave, 0, '6.4 is above its band already')
})

test('the weeks of the budget add up to its coverage, inside its range', async () => {
  const { nitrogen } = await chemistryOf(1)
  const sum = (field: 'wanted' | 'taken') =>
    nitrogen.weeks.reduce((total, week) => total + week[field], 0)
  near(sum('taken') / sum('wanted'), nitrogen.coverage, 1e-9)
  near(sum('wanted') - sum('taken'), nitrogen.missingMgPerL, 1e-9)
  const [low, high] = nitrogen.coverageRange
  assert.ok(low <= nitrogen.coverage && nitrogen.coverage <= high)
})

test('a reading takes the place of the estimate; salts are kept as extract at 25 °C', async () => {
  const kept = await newReading(
    garden.db,
    4,
    { kind: 'ec', value: 1.0, method: '1:2', tempC: 15 },
    NOW,
  )
  // 1.0 at 15 °C is 1.2346 at 25 °C; 0.6 of it is the tap water's own; 0.6346 lies between 0.25 and 0.75.
  near(kept.value, 0.75 + ((1 / 0.81 - 0.6 - 0.25) / 0.5) * 1.25, 1e-9)
  const page = await lotPage(garden.db, 4, NOW)
  near(page.ecSme?.value ?? 0, kept.value, 1e-9)
  assert.equal(page.ecSme?.measuredOn, '2026-11-02')
})

test('a jar test gives the lot its buffer, and a dose', async () => {
  const before = await chemistryOf(4)
  assert.equal(before.buffer.measuredOn, null)
  const kept = await newReading(
    garden.db,
    4,
    {
      kind: 'jar',
      amendmentId: 'calcitic-lime',
      target: 6,
      days: 14,
      points: [
        { gPerL: 0, ph: 5 },
        { gPerL: 1, ph: 5.6 },
        { gPerL: 2, ph: 6.1 },
        { gPerL: 4, ph: 6.9 },
      ],
    },
    NOW,
  )
  near(kept.gPerL ?? 0, 1.8, 1e-9)
  const after = await chemistryOf(4)
  assert.equal(after.buffer.measuredOn, '2026-11-02')
  near(after.buffer.value, kept.value, 1e-9)
  const { ph } = await lotPage(garden.db, 4, NOW)
  assert.deepEqual([ph?.value, ph?.measuredOn], [5, '2026-11-02'], 'the jar without lime tells it')
})

test('lime of an earlier correction stays on the lot and counts', async () => {
  const before = await chemistryOf(2)
  assert.equal(before.unreactedLimeGPerL, 0)
  await appendLines(
    garden.db,
    2,
    [
      {
        kind: 'amended',
        litres: 0,
        components: [],
        doses: [{ amendmentId: 'calcitic-lime', grams: 64 }],
        note: null,
      },
    ],
    new Date(),
  )
  const after = await chemistryOf(2)
  const { litres } = await lotPage(garden.db, 2, NOW)
  assert.ok(after.unreactedLimeGPerL > 0.9 * (64 / litres) * 0.9)
  near(after.freeLimeGPerL - before.freeLimeGPerL, after.unreactedLimeGPerL, 1e-6)
  assert.equal(after.added[0]?.grams, 64)
})

test('what no meter can show is refused at its field', () => {
  const refused = (body: unknown) => {
    try {
      validate(newReadingSchema, body, false)
      return []
    } catch (error) {
      return (error as { fields: { field: string; message: string }[] }).fields
    }
  }
  assert.equal(refused({ kind: 'ph', value: 15, method: '1:2' })[0]?.field, 'value')
  assert.match(
    refused({ kind: 'ph', value: null, method: '1:2' })[0]?.message ?? '',
    /what the meter showed/,
  )
  assert.equal(refused({ kind: 'ec', value: 1, method: '1:2', tempC: 80 })[0]?.field, 'tempC')
  assert.equal(refused({ kind: 'ec', value: -1, method: '1:2', tempC: 20 })[0]?.field, 'value')
  assert.equal(refused({ kind: 'smell', value: 1 })[0]?.field, 'kind')
  const jars = [
    { gPerL: 0, ph: 5 },
    { gPerL: 1, ph: null },
  ]
  const fields = refused({ kind: 'jar', amendmentId: '', target: 6, days: 3, points: jars })
  assert.deepEqual(fields.map(({ field }) => field).sort(), [
    'amendmentId',
    'days',
    'points',
    'points.1.ph',
  ])
  assert.deepEqual(refused({ kind: 'ph', value: 6.2, method: 'strip' }), [])
})

test('jars that do not reach the pH wanted are told, and nothing is kept', async () => {
  const points = [0, 1, 2].map((gPerL) => ({ gPerL, ph: 5 + 0.1 * gPerL }))
  await assert.rejects(
    newReading(
      garden.db,
      6,
      { kind: 'jar', amendmentId: 'calcitic-lime', target: 7, days: 14, points },
      NOW,
    ),
    (error) => error instanceof DomainError && error.code === 'out-of-range',
  )
  // Sulfur cannot lift a mix.
  await assert.rejects(
    newReading(
      garden.db,
      6,
      { kind: 'jar', amendmentId: 'sulfur', target: 6, days: 14, points },
      NOW,
    ),
    /leads away from it/,
  )
  assert.equal((await chemistryOf(6)).buffer.measuredOn, null)
})
