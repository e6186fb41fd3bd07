import assert from 'node:assert/strict'
import { test } from 'node:test'
import { amendment, material } from '../../../../testing/tables'
import { DomainError } from '../../errors'
import { addDays } from '../../units'
import type { Recipe } from '../recipe/recipeTypes'
import { scheduleWork } from './scheduleWork'

const part = (id: string, role: Recipe['parts'][number]['role']) => ({
  id,
  role,
  litres: 8,
  share: 0.3,
  rounded: { litres: 8, text: '8 scoops' },
})
const dose = (id: string, role: Recipe['doses'][number]['role']) => ({
  id,
  role,
  gPerL: 1,
  grams: 20,
  firstGrams: 20,
  rounded: { grams: 20, text: '20 g' },
})
const recipe = (extra: Partial<Recipe>): Recipe =>
  ({ parts: [part('1', 'lot')], doses: [], partLitres: 24, leachLitres: 0, ...extra }) as Recipe

const schedule = (
  extra: Partial<Recipe>,
  runsDownSide = false,
  more: Parameters<typeof scheduleWork>[0]['options'] = {},
) =>
  scheduleWork({
    recipe: recipe(extra),
    triage: null,
    variant: 'tipped',
    startDate: '2026-11-02',
    options: {
      runsDownSide,
      ...more,
      materials: ['leaf-mould', 'perlite-coarse', 'vermiculite-medium'].map(material),
      amendments: ['granular-444', 'crf-5-month', 'dolomitic-lime', 'sulfur'].map(amendment),
    },
  })

test('the longest wait decides: waits after mixing run side by side', () => {
  assert.equal(schedule({}).readyOn, '2026-11-02')
  assert.equal(schedule({ parts: [part('leaf-mould', 'compost')] }).readyOn, '2026-11-09')
  assert.equal(schedule({ doses: [dose('granular-444', 'fertilizer')] }).readyOn, '2026-11-16')
  assert.equal(schedule({ doses: [dose('crf-5-month', 'fertilizer')] }).readyOn, '2026-11-02')
  const sulfur = schedule({
    parts: [part('leaf-mould', 'compost')],
    doses: [dose('sulfur', 'sulfur'), dose('granular-444', 'fertilizer')],
  })
  assert.equal(sulfur.readyOn, '2026-11-30')
  assert.equal(sulfur.steps.find(({ kind }) => kind === 'rest')?.waitFor, 'sulfur')
})

test('cautions stand at the step they belong to', () => {
  const { steps } = schedule({
    parts: [part('perlite-coarse', 'aggregate'), part('vermiculite-medium', 'water-holding')],
    doses: [dose('dolomitic-lime', 'lime')],
  })
  const at = (kind: string) => steps.find((step) => step.kind === kind)?.cautions ?? []
  assert.ok(at('spread').includes('dust') && at('spread').includes('asbestos'))
  assert.ok(at('powders').includes('lime') && at('powders').includes('label'))
  assert.ok(at('fill').includes('legionella'))
  assert.ok(!at('spread').includes('lime'))
})

test('more than half the label rate of a meal is no bed for seedlings, and says so where it goes in', () => {
  const cautions = (kind: 'seedling' | 'vegetable', id: string, gPerL: number) =>
    scheduleWork({
      recipe: recipe({ doses: [{ ...dose(id, 'fertilizer'), gPerL }] }),
      triage: null,
      variant: 'tipped',
      startDate: '2026-11-02',
      options: {
        amendments: ['granular-444', 'crf-5-month'].map(amendment),
        crop: { kind },
      },
    }).steps.flatMap((step) => step.cautions)
  const half = amendment('granular-444').rateHighGPerL / 2
  assert.ok(cautions('seedling', 'granular-444', half + 0.1).includes('ammonia'))
  assert.ok(!cautions('seedling', 'granular-444', half).includes('ammonia'))
  assert.ok(!cautions('vegetable', 'granular-444', half + 0.1).includes('ammonia'))
  assert.ok(!cautions('seedling', 'crf-5-month', 5).includes('ammonia'), 'coated, not a meal')
})

test('a lot that sheds water is wetted slowly first; leaching and powders only where needed', () => {
  const kinds = (plan: ReturnType<typeof schedule>) => plan.steps.map(({ kind }) => kind)
  assert.ok(kinds(schedule({}, true)).includes('rewet'))
  assert.ok(!kinds(schedule({})).includes('powders') && !kinds(schedule({})).includes('leach'))
  assert.ok(kinds(schedule({ leachLitres: 12 })).includes('leach'))
})

test('salty old mix is washed and caustic lime worked in before anything else, one after the other', () => {
  const plan = schedule({
    leachLitres: 12,
    parts: [part('1', 'lot'), part('leaf-mould', 'compost')],
    doses: [{ ...dose('hydrated-lime', 'lime'), apart: true }, dose('granular-444', 'fertilizer')],
  })
  const kinds = plan.steps.map(({ kind }) => kind)
  const [leach, apart, spread, powders] = ['leach', 'lime-apart', 'spread', 'powders'].map((kind) =>
    kinds.indexOf(kind as (typeof kinds)[number]),
  ) as [number, number, number, number]
  assert.ok(0 < leach && leach < apart && apart < spread && spread < powders)
  const at = (kind: string) => plan.steps.find((step) => step.kind === kind)
  assert.equal(at('leach')?.startsOn, '2026-11-02')
  assert.equal(at('tip-out')?.startsOn, '2026-11-04', 'after it has drained')
  assert.equal(at('spread')?.startsOn, '2026-11-11', 'a week after the caustic lime')
  assert.deepEqual(
    at('lime-apart')?.amounts.map(({ id }) => id),
    ['hydrated-lime'],
  )
  assert.deepEqual(
    at('powders')?.amounts.map(({ id }) => id),
    ['granular-444'],
  )
  assert.ok(at('lime-apart')?.cautions.includes('lime'))
  assert.ok(at('lime-apart')?.tools.includes('goggles'))
  // What follows mixing waits side by side: the meals longest.
  assert.equal(plan.readyOn, '2026-11-25')
})

test('dates are calendar days, and what is no date is refused', () => {
  assert.equal(addDays('2026-02-27', 2), '2026-03-01')
  assert.throws(
    () => addDays('soon', 1),
    (error) => error instanceof DomainError && error.code === 'bad-argument',
  )
})

test('planted at once: no rest and no re-test before, the risk and the safe day at the planting', () => {
  const fed = { doses: [dose('granular-444', 'fertilizer')] }
  const { readyOn, steps } = schedule(fed, false, { habits: { wait: 'at-once' } })
  assert.equal(readyOn, '2026-11-02')
  assert.ok(!steps.some(({ kind }) => kind === 'rest' || kind === 'retest'))
  assert.deepEqual(steps.find(({ kind }) => kind === 'plant')?.notes, [
    { id: 'not-waited', waitFor: 'organic', days: 14, safeOn: '2026-11-16' },
  ])
  // Nothing to wait for: nothing is passed over.
  const plain = schedule({}, false, { habits: { wait: 'at-once' } })
  assert.equal(plain.steps.find(({ kind }) => kind === 'plant')?.notes, undefined)
  assert.ok(plain.steps.some(({ kind }) => kind === 'retest'))
})

test('containers are disinfected where that is the custom, and after a disease always', () => {
  const washed = (more: Parameters<typeof scheduleWork>[0]['options']) =>
    schedule({}, false, more).steps.find(({ kind }) => kind === 'containers')
  assert.equal(washed({})?.notes, undefined)
  assert.deepEqual(washed({ habits: { wash: 'disinfect' } })?.notes, [{ id: 'disinfect' }])
  assert.deepEqual(washed({ habits: { wash: 'jet' }, afterDisease: true })?.notes, [
    { id: 'disinfect' },
  ])
  assert.ok((washed({ afterDisease: true })?.minutes ?? 0) > (washed({})?.minutes ?? 0))
})

test('an inoculant goes on the roots at planting, never on those of cabbages and beets', () => {
  const notes = (family: string) =>
    schedule({}, false, {
      habits: { minerals: 'both' },
      crop: { kind: 'vegetable', family },
    }).steps.find(({ kind }) => kind === 'plant')?.notes
  assert.deepEqual(notes('Solanaceae'), [{ id: 'inoculate' }])
  assert.deepEqual(notes('Brassicaceae'), [{ id: 'no-inoculant' }])
  assert.deepEqual(notes('Amaranthaceae'), [{ id: 'no-inoculant' }])
})

test('trace minerals need no wait', () => {
  assert.equal(schedule({ doses: [dose('rock-dust', 'mineral')] }).readyOn, '2026-11-02')
})
