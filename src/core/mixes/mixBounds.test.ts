import assert from 'node:assert/strict'
import { test } from 'node:test'
import { POT } from '../../../testing/samples'
import { close, material, shippedMaterials } from '../../../testing/tables'
import { blendPh, limeEffect } from '../chemistry'
import { blendMedia, type Component, containerCapacity } from '../media'
import { cheapestMix } from './cheapestMix'
import { brokenBounds, keepsBounds, leastWater, type MixBounds } from './mixBounds'
import { phRemedy } from './phRemedy'
import { PLANT_GROUPS, type PlantGroupId } from './plantGroups'
import { smallestChange } from './smallestChange'

const container = { shape: POT, fillHeightCm: 20 }
const mix = (parts: Readonly<Record<string, number>>): Component[] =>
  Object.entries(parts).map(([id, count]) => ({ material: material(id), parts: count }))
const startOf = (id: PlantGroupId): Component[] =>
  (PLANT_GROUPS.find((group) => group.id === id)?.starts ?? []).map(([of, parts]) => ({
    material: material(of),
    parts,
  }))
const bounds = (groupId: PlantGroupId | null, more: Partial<MixBounds> = {}): MixBounds => ({
  groupId,
  wish: null,
  limeHater: groupId === 'lime-haters',
  mostCompost: 0.5,
  container,
  ...(groupId ? { groupStart: startOf(groupId) } : {}),
  ...more,
})

test('every plant group’s own start is inside its own bounds', () => {
  for (const { id } of PLANT_GROUPS) {
    assert.deepEqual(brokenBounds(startOf(id), bounds(id)), [], id)
  }
})

test('bans and shares', () => {
  const broken = (parts: Record<string, number>, id: PlantGroupId | null, more = {}) =>
    brokenBounds(mix(parts), bounds(id, more))
  assert.ok(broken({ 'seed-mix': 9, 'cattle-manure': 1 }, 'seedlings').includes('manure'))
  assert.ok(broken({ 'bark-chips': 9, 'rabbit-manure': 1 }, 'epiphytes').includes('manure'))
  assert.ok(!broken({ 'all-purpose-mix': 9, 'cattle-manure': 1 }, 'most').includes('manure'))
  assert.ok(broken({ 'bark-fine': 8, 'peat-fine': 2 }, 'long-stay').includes('fine-peat'))
  assert.ok(!broken({ 'bark-fine': 8, 'peat-fine': 2 }, 'most').includes('fine-peat'))
  assert.ok(broken({ 'all-purpose-mix': 8, 'wood-fibre': 2 }, 'most').includes('woody'))
  assert.ok(!broken({ 'bark-chips': 1 }, 'epiphytes').includes('woody'))
  assert.ok(broken({ 'all-purpose-mix': 45, 'rice-hulls': 55 }, 'most').includes('base'))
  assert.ok(!broken({ 'all-purpose-mix': 45, pumice: 55 }, 'succulents').includes('base'))
  assert.ok(broken({ 'all-purpose-mix': 7, 'coarse-sand': 3 }, 'most').includes('sand'))
  assert.ok(!broken({ 'all-purpose-mix': 7, grit: 3 }, 'most').includes('sand'))
  assert.ok(
    broken({ 'all-purpose-mix': 7, 'leaf-mould': 3 }, 'most', { mostCompost: 0.2 }).includes(
      'compost',
    ),
  )
  assert.ok(
    broken({ 'all-purpose-mix': 7, grit: 3 }, 'most', { maxKgPerL: 0.8 }).includes('weight'),
  )
})

test('a mix keeps water in reach: a share of the volume, or what the group’s start holds there', () => {
  assert.ok(brokenBounds(mix({ 'coir-chips': 1 }), bounds('most')).includes('water'))
  assert.equal(leastWater(bounds(null)), 0.15)
  assert.ok(leastWater(bounds('epiphytes')) < 0.15)
})

test('a change that mends one thing spoils no other, or there is none', () => {
  const most = bounds('most', {
    wish: { airMin: 0.12, airMax: 0.22, pHLow: 5.5, pHHigh: 6.8, ecMaxSme: 2.5 },
  })
  const components = mix({ 'all-purpose-mix': 4, 'peat-fine': 6 })
  const broken = brokenBounds(components, most)
  const air = (of: readonly Component[]) =>
    containerCapacity({ curve: blendMedia({ components: of }).curve, ...container }).airFraction
  const candidates = shippedMaterials
  const low = air(components) + 0.04
  const question = { components, candidates, valueFor: air, low, high: 0.3 }
  const free = smallestChange(question)
  const kept = smallestChange({
    ...question,
    allowed: (of) => keepsBounds(broken, of, most),
  })
  assert.ok(free && kept)
  assert.ok(kept.share >= free.share - 1e-3)
  const total = 10
  const after = components.some(({ material }) => material.id === kept.materialId)
    ? components.map((one) =>
        one.material.id === kept.materialId ? { ...one, parts: one.parts + kept.deltaParts } : one,
      )
    : [...components, { material: material(kept.materialId), parts: kept.deltaParts }]
  assert.ok(Math.abs(kept.deltaParts) <= total)
  assert.ok(brokenBounds(after, most).every((bound) => broken.includes(bound)))
  const nothing = smallestChange({
    ...question,
    allowed: () => false,
  })
  assert.equal(nothing, null)
})

test('the cheapest mix stays inside the bounds of its group, of any shelf', () => {
  const shelf = [
    'all-purpose-mix',
    'seed-mix',
    'bark-fine',
    'wood-fibre',
    'cattle-manure',
    'peat-fine',
    'coarse-sand',
    'rice-hulls',
    'perlite-coarse',
    'garden-compost',
    'acid-mix',
    'pumice',
  ].map((id, i) => ({ material: material(id), pricePerLitre: 0.3 - 0.02 * i }))
  for (const { id, airMin, airMax, pHLow, pHHigh } of PLANT_GROUPS) {
    const found = cheapestMix({
      materials: shelf,
      container,
      targets: {
        airMin,
        airMax,
        pHLow,
        pHHigh,
        ecMaxSme: 3,
        limeHater: id === 'lime-haters',
        mostCompost: 0.3,
        groupId: id,
      },
    })
    if (!found) continue
    const components = found.parts.map(({ materialId, share }) => ({
      material: material(materialId),
      parts: share,
    }))
    const { groupStart: _own, ...plain } = bounds(id, { mostCompost: 0.3 })
    const broken = brokenBounds(components, plain).filter((bound) => bound !== 'water')
    assert.deepEqual(broken, [], id)
  }
})

test('pH is mended by the gram: ground limestone below the band, sulfur above it, or another base', () => {
  const wish = { pHLow: 5.5, pHHigh: 6.8 }
  const remedyOf = (components: readonly Component[]) =>
    phRemedy({ blend: blendPh({ components }), wish, limeHater: false })
  const sour = mix({ 'peat-medium': 3, 'perlite-coarse': 1 })
  const lime = phRemedy({ blend: blendPh({ components: sour }), wish, limeHater: false })
  assert.equal(lime?.kind, 'lime')
  const { ph, buffer, freeLimeGPerL } = blendPh({ components: sour })
  const material8 = { cce: 0.97, releaseDays50: 30, rateHighGPerL: 6 }
  const given = { ph, buffer, freeLimeGPerL, material: material8, weeks: 8 }
  close(limeEffect({ ...given, gPerL: lime?.gPerL ?? 0 }).phAfter, 5.8, 1e-6)
  assert.equal(remedyOf(mix({ 'all-purpose-mix': 1 })), null)
  const high = [{ material: { ...material('all-purpose-mix'), pH: 7.3 }, parts: 1 }]
  assert.equal(remedyOf(high)?.kind, 'sulfur')
  const limey = mix({ 'green-waste-compost': 1 })
  assert.equal(
    phRemedy({
      blend: blendPh({ components: limey }),
      wish: { pHLow: 4.3, pHHigh: 5.5 },
      limeHater: true,
    })?.kind,
    'other-base',
  )
})
