import assert from 'node:assert/strict'
import { test } from 'node:test'
import { amendment, material } from '../../../../testing/tables'
import { DomainError } from '../../errors'
import { addDays } from '../../units'
import type { WorkVariant } from '../recipe/intake'
import type { Recipe } from '../recipe/recipeTypes'
import { scheduleWork } from './scheduleWork'
import type { StepKind } from './workTypes'

const START = '2026-11-02'
const VARIANTS: readonly WorkVariant[] = ['tipped', 'in-place', 'potted-on', 'around', 'unused-bag']
const part = (id: string, role: Recipe['parts'][number]['role']) => ({
  id,
  role,
  litres: 8,
  share: 0.3,
  rounded: { litres: 8, text: '8 scoops' },
})
const dose = (id: string, role: Recipe['doses'][number]['role'], apart = false) => ({
  id,
  role,
  gPerL: 1,
  grams: 20,
  firstGrams: 20,
  apart,
  rounded: { grams: 20, text: '20 g' },
})
const FULL = {
  parts: [part('1', 'lot'), part('leaf-mould', 'compost'), part('rice-hulls', 'aggregate')],
  doses: [dose('granular-444', 'fertilizer')],
  partLitres: 24,
  leachLitres: 0,
} as unknown as Recipe
const plan = (
  variant: WorkVariant,
  recipe: Partial<Recipe> = {},
  more: Partial<Parameters<typeof scheduleWork>[0]> = {},
) =>
  scheduleWork({
    recipe: { ...FULL, ...recipe },
    triage: null,
    variant,
    startDate: START,
    ...more,
    options: {
      materials: ['leaf-mould', 'rice-hulls'].map(material),
      amendments: ['granular-444', 'hydrated-lime', 'sulfur'].map(amendment),
      ...more.options,
    },
  })
const kindsOf = ({ steps }: ReturnType<typeof plan>): StepKind[] => steps.map(({ kind }) => kind)
const waitAfterMixing = 14

test('whatever way: each amount stands once, days run forwards, the longest wait decides', () => {
  for (const variant of VARIANTS) {
    const { steps, readyOn, totalMinutes } = plan(variant)
    const amounts = steps.flatMap((step) => step.amounts.map(({ id }) => id))
    const withLot = variant === 'in-place' || variant === 'around' ? [] : ['1']
    assert.deepEqual(
      amounts.sort(),
      [...withLot, 'granular-444', 'leaf-mould', 'rice-hulls'].sort(),
      variant,
    )
    assert.equal(new Set(steps.map(({ id }) => id)).size, steps.length, `${variant}: ids`)
    steps.reduce((before, { startsOn }) => {
      assert.ok(startsOn >= before, `${variant}: ${startsOn} after ${before}`)
      return startsOn
    }, START)
    const waits = variant === 'unused-bag' ? 0 : waitAfterMixing
    assert.equal(readyOn, addDays(START, waits), variant)
    assert.equal(
      totalMinutes,
      steps.reduce((sum, { minutes }) => sum + minutes, 0),
    )
    assert.ok(
      steps.some(({ cautions }) => cautions.includes('legionella')),
      `${variant}: caution`,
    )
  }
})

test('in its pot nothing is tipped out: forked so deep, topped up so thick', () => {
  const inPlace = plan('in-place', {}, { options: { forkCm: 20, topUpCm: 4 } })
  const kinds = kindsOf(inPlace)
  for (const kind of ['tip-out', 'clean', 'containers', 'fill'] as const) {
    assert.ok(!kinds.includes(kind), kind)
  }
  const depth = (kind: StepKind) => inPlace.steps.find((step) => step.kind === kind)?.depthCm
  assert.equal(depth('fork'), 20)
  assert.equal(depth('top-up'), 4)
  const bare = plan('in-place', { parts: [part('1', 'lot')], doses: [] } as Partial<Recipe>)
  assert.ok(!kindsOf(bare).includes('top-up'), 'as it is: nothing to measure out')
  assert.equal(bare.readyOn, START)
})

test('a living plant is lifted only when its mix is ready', () => {
  const { steps, readyOn } = plan('potted-on')
  const lift = steps.find(({ kind }) => kind === 'lift')
  assert.equal(lift?.startsOn, readyOn)
  const kinds = steps.map(({ kind }) => kind)
  assert.ok(kinds.indexOf('fold') < kinds.indexOf('lift'))
  assert.deepEqual(kinds.slice(kinds.indexOf('lift')), ['lift', 'underlay', 'sides', 'water-in'])
  assert.ok(!kinds.includes('tip-out') && !kinds.includes('clear'))
})

test('around survivors a thin dressing, then seeds or plugs', () => {
  const { steps } = plan('around')
  assert.equal(steps.find(({ kind }) => kind === 'dress')?.depthCm, 3)
  assert.equal(steps.at(-1)?.kind, 'sow-between')
})

test('what was found is treated wherever the mix stands, and nothing is planted before', () => {
  const triage = {
    verdict: 'treat' as const,
    actions: ['skim', 'rest', 'seedling-test'] as const,
    earliestReuse: '2027-03-01',
    skimCm: 4,
  }
  for (const variant of ['tipped', 'in-place'] as const) {
    const { steps, readyOn } = plan(variant, { leachLitres: 12 }, { triage })
    const kinds = steps.map(({ kind }) => kind)
    for (const kind of ['skim', 'leach', 'keep', 'seedling-test'] as const) {
      assert.ok(kinds.includes(kind), `${variant}: ${kind}`)
    }
    assert.ok(readyOn >= '2027-03-01', variant)
  }
  for (const variant of ['potted-on', 'around'] as const) {
    assert.ok(plan(variant, {}, { triage }).readyOn >= '2027-03-01', variant)
  }
})

test('caustic lime goes in by itself, a week before feeds', () => {
  const doses = [dose('hydrated-lime', 'lime', true), dose('granular-444', 'fertilizer')]
  for (const variant of VARIANTS) {
    const { steps } = plan(variant, { doses } as Partial<Recipe>)
    const at = (kind: StepKind) => steps.find((step) => step.kind === kind)
    assert.deepEqual(
      at('lime-apart')?.amounts.map(({ id }) => id),
      ['hydrated-lime'],
      variant,
    )
    assert.equal(at('powders')?.startsOn, addDays(START, 7), variant)
  }
})

test('ways nobody works and impossible depths are refused', () => {
  assert.throws(
    () => plan('upside-down' as WorkVariant),
    (error) => error instanceof DomainError && /way of working/.test(error.message),
  )
  assert.throws(() => plan('in-place', {}, { options: { forkCm: -1 } }), /depth/)
})
