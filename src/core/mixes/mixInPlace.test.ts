import assert from 'node:assert/strict'
import { test } from 'node:test'
import { MIX_SETTING, POT } from '../../../testing/samples'
import { close, material } from '../../../testing/tables'
import { DomainError } from '../errors'
import { blendMedia, type Component, containerCapacity } from '../media'
import { mixInPlace } from './mixInPlace'
import { smallestChange } from './smallestChange'

const mix = (parts: Record<string, number>): Component[] =>
  Object.entries(parts).map(([id, amount]) => ({ material: material(id), parts: amount }))
const BAG = mix({ 'all-purpose-mix': 10 })
const question = {
  components: BAG,
  ...MIX_SETTING,
}
const airOf = (components: readonly Component[]) =>
  containerCapacity({ curve: blendMedia({ components }).curve, shape: POT, fillHeightCm: 20 })
    .airFraction

test('a mix in its place: what the parts of the core say, in one answer', () => {
  const { capacity, seasons, dry, fillLitres, nitrogen } = mixInPlace(question)
  close(capacity.airFraction, airOf(BAG), 1e-12)
  close(seasons[0]?.air ?? 0, capacity.airFraction, 1e-9)
  assert.equal(seasons[0]?.downCm, 0)
  assert.equal(seasons.length, 4)
  assert.ok((seasons[3]?.downCm ?? 0) > 0.5, 'a bagged mix sinks')
  assert.ok(dry.heftCapacityKg > dry.heftRefillKg)
  assert.ok(fillLitres > 6 && fillLitres < 8)
  assert.ok((nitrogen?.releasedMgPerL ?? 0) > 0)
})

test('wind shortens the days, wood ties up nitrogen', () => {
  const days = (exposureFactor: number) =>
    mixInPlace({ ...question, place: { ...question.place, exposureFactor } }).dry.days ?? 0
  close(days(1.3) * 1.3, days(1), 1e-9)
  const woody = mixInPlace({
    ...question,
    components: mix({ 'all-purpose-mix': 6, 'wood-fibre': 4 }),
  })
  const tiedUp = (one: typeof woody) => one.nitrogen?.tiedUpMgPerL ?? 0
  assert.ok(tiedUp(woody) > tiedUp(mixInPlace(question)) + 20)
})

test('no parts, no container, no height: refused', () => {
  const refused = (more: Partial<Parameters<typeof mixInPlace>[0]>, code: string) =>
    assert.throws(
      () => mixInPlace({ ...question, ...more }),
      (error) => error instanceof DomainError && error.code === code,
    )
  refused({ components: mix({ 'all-purpose-mix': 0 }) }, 'too-few')
  refused({ container: { shape: POT, fillHeightCm: 0 } }, 'out-of-range')
  refused({ container: { shape: { ...POT, heightCm: 0 }, fillHeightCm: 10 } }, 'out-of-range')
})

test('fifty materials at once are worked out', () => {
  const many = Array.from({ length: 50 }, (_, i) => ({
    material: material(i % 2 ? 'all-purpose-mix' : 'perlite-coarse'),
    parts: 1 + (i % 5),
  }))
  assert.ok(mixInPlace({ ...question, components: many }).capacity.airFraction > 0)
})

test('the smallest change reaches the band, and a smaller one of the same material does not', () => {
  const candidates = ['perlite-coarse', 'bark-fine', 'rice-hulls', 'gravel'].map(material)
  const low = airOf(BAG) + 0.04
  const found = smallestChange({
    components: BAG,
    candidates,
    valueFor: airOf,
    low,
    high: 0.5,
  })
  assert.ok(found && found.deltaParts > 0)
  const withChange = (times: number) =>
    airOf([
      ...BAG,
      { material: material(found.materialId), parts: (found.deltaParts ?? 0) * times },
    ])
  assert.ok(withChange(1) >= low - 1e-9)
  assert.ok(withChange(0.95) < low)
  for (const other of candidates) {
    const smaller = [...BAG, { material: other, parts: 0.85 * found.deltaParts }]
    assert.ok(airOf(smaller) < low, `${other.id} would do it with less`)
  }
})

test('too much air is cured by taking out or by adding what fills, and nothing is changed inside the band', () => {
  const airy = mix({ 'all-purpose-mix': 3, 'perlite-coarse': 7 })
  const ask = (low: number, high: number) =>
    smallestChange({
      components: airy,
      candidates: [material('garden-compost'), material('vermiculite-medium')],
      valueFor: airOf,
      low,
      high,
    })
  const air = airOf(airy)
  const found = ask(air - 0.1, air - 0.04)
  assert.ok(found)
  assert.ok(found.value <= air - 0.04 + 1e-9)
  assert.equal(ask(air - 0.01, air + 0.01), null)
  assert.equal(ask(0.98, 0.99), null, 'out of reach')
})
