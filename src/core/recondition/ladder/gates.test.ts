import assert from 'node:assert/strict'
import { test } from 'node:test'
import { amendment, crop, material } from '../../../../testing/tables'
import type { ContainerShape } from '../../containers'
import type { Component } from '../../media'
import type { Gate, LadderInput } from './ladderTypes'
import { planLadder } from './planLadder'

const BUCKET: ContainerShape = {
  kind: 'round',
  topDiameterCm: 30,
  baseDiameterCm: 26,
  heightCm: 30,
}
const TUB: ContainerShape = { kind: 'round', topDiameterCm: 42, baseDiameterCm: 36, heightCm: 38 }
const BOWL: ContainerShape = { kind: 'round', topDiameterCm: 40, baseDiameterCm: 34, heightCm: 14 }

const OLD = { 'all-purpose-mix': 6, 'humified-fines': 4 }
const OPEN = { 'all-purpose-mix': 6, 'perlite-coarse': 3 }
const STORE = {
  'all-purpose-mix': 0.25,
  'acid-mix': 0.3,
  'leaf-mould': 0.05,
  'garden-compost': 0.05,
  'perlite-coarse': 0.32,
  'bark-fine': 0.2,
}

interface Case {
  readonly name: string
  readonly crop: string
  readonly old: Readonly<Record<string, number>>
  readonly litres: number
  readonly wanted: number
  readonly shape: ContainerShape
  readonly fillHeightCm: number
  readonly measured: { readonly ph: number; readonly ecSme: number }
  /** What planting into it as it is would miss. */
  readonly asIsFails: readonly Gate[]
  /** Neither litres nor air nor pH can be had together in this pot. */
  readonly nothingStands?: true
}

// Ten lots as growers bring them, with the way each would go.
const CASES: readonly Case[] = [
  {
    name: 'blueberry into a lot that hard water has limed',
    crop: 'blueberry',
    old: OPEN,
    litres: 40,
    wanted: 37,
    shape: TUB,
    fillHeightCm: 34,
    measured: { ph: 7.8, ecSme: 1 },
    asIsFails: ['ph'],
  },
  {
    name: 'strawberries into a lot full of salt',
    crop: 'strawberry',
    old: OPEN,
    litres: 18,
    wanted: 16,
    shape: BUCKET,
    fillHeightCm: 26,
    measured: { ph: 6.2, ecSme: 9 },
    asIsFails: ['ec'],
  },
  {
    name: 'tomato into half a tub of slumped mix',
    crop: 'tomato-tall',
    old: OLD,
    litres: 20,
    wanted: 37,
    shape: TUB,
    fillHeightCm: 34,
    measured: { ph: 6.3, ecSme: 1.2 },
    asIsFails: ['litres', 'air'],
  },
  {
    name: 'chard into a good open lot',
    crop: 'chard',
    old: OPEN,
    litres: 17,
    wanted: 16,
    shape: BUCKET,
    fillHeightCm: 26,
    measured: { ph: 6.5, ecSme: 1.2 },
    asIsFails: [],
  },
  {
    name: 'lettuce into the same',
    crop: 'lettuce',
    old: OPEN,
    litres: 17,
    wanted: 16,
    shape: BUCKET,
    fillHeightCm: 26,
    measured: { ph: 6.3, ecSme: 1 },
    asIsFails: [],
  },
  {
    name: 'lavender into peat that has gone sour',
    crop: 'lavender',
    old: OPEN,
    litres: 17,
    wanted: 16,
    shape: BUCKET,
    fillHeightCm: 26,
    measured: { ph: 5, ecSme: 0.8 },
    asIsFails: ['ph'],
  },
  {
    name: 'thyme into fines in a shallow bowl',
    crop: 'thyme',
    old: OLD,
    litres: 12,
    wanted: 11,
    shape: BOWL,
    fillHeightCm: 11,
    measured: { ph: 6.5, ecSme: 1 },
    asIsFails: ['air'],
    nothingStands: true,
  },
  {
    name: 'beans into salty and tired mix',
    crop: 'dwarf-bean',
    old: OLD,
    litres: 17,
    wanted: 16,
    shape: BUCKET,
    fillHeightCm: 26,
    measured: { ph: 6.3, ecSme: 3.2 },
    asIsFails: ['air', 'ec'],
  },
  {
    name: 'camellia into a lot that is a little limed',
    crop: 'camellia',
    old: OPEN,
    litres: 40,
    wanted: 37,
    shape: TUB,
    fillHeightCm: 34,
    measured: { ph: 6.6, ecSme: 0.8 },
    asIsFails: ['ph'],
  },
  {
    name: 'kale into a lot a third down',
    crop: 'kale',
    old: OPEN,
    litres: 11,
    wanted: 16,
    shape: BUCKET,
    fillHeightCm: 26,
    measured: { ph: 6.6, ecSme: 1 },
    asIsFails: ['litres'],
  },
]

function inputOf(one: Case, priorities: LadderInput['priorities']): LadderInput {
  const components: Component[] = Object.entries(one.old).map(([id, parts]) => ({
    material: material(id),
    parts,
    measured: { starterNMgPerL: 0 },
  }))
  return {
    lot: { id: 'lot', components, litres: one.litres, triage: null, measured: one.measured },
    litresWanted: one.wanted,
    container: { shape: one.shape, fillHeightCm: one.fillHeightCm },
    crop: crop(one.crop),
    school: { compostShare: 0.25, feed: 'organic' },
    stock: {
      materials: Object.entries(STORE).map(([id, pricePerLitre]) => ({
        material: material(id),
        litres: 500,
        pricePerLitre,
      })),
      amendments: ['calcitic-lime', 'sulfur', 'granular-444', 'soluble-20-10-20'].map((id) => ({
        amendment: amendment(id),
        grams: 5000,
        pricePerKg: 4,
      })),
    },
    season: { weeklyMeanTempC: 17 },
    climate: {
      latitudeDeg: 50.4,
      dayOfYear: 196,
      tMinC: 13,
      tMaxC: 22,
      seasonMeanTempC: 15,
      exposureFactor: 1,
    },
    today: '2026-03-10',
    priorities,
  }
}

for (const one of CASES) {
  test(`${one.name}: as it is only where that stands, however little work and money count`, () => {
    for (const priorities of [
      { cost: 3, effort: 3, yield: 0 },
      { cost: 1, effort: 1, yield: 2 },
    ]) {
      const { rungs, best } = planLadder(inputOf(one, priorities))
      const asIs = rungs[0]
      assert.deepEqual(asIs?.fails, one.asIsFails)
      const chosen = rungs.find(({ id }) => id === best?.id)
      assert.ok(chosen)
      if (one.asIsFails.length > 0) assert.notEqual(chosen.id, 'as-is')
      if (one.nothingStands) {
        assert.equal(best?.reason, 'least-short')
        assert.ok(best.fails.length > 0 && chosen.airFraction && chosen.airFraction > 0.1)
      } else assert.deepEqual(chosen.fails, [], `${chosen.id} falls short of ${chosen.fails}`)
    }
  })
}
