import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../testing/tables'
import { containerCapacity } from './containerCapacity'
import { entryOf } from './entryOf'
import { drainedSuctions } from './layeredCapacity'
import { waterRun } from './waterRun'

const POT = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const
const layer = (id: string, thicknessCm: number) => {
  const { curve, ksCmPerS } = material(id)
  return { thicknessCm, curve, ksCmPerS }
}
const watered = (layers: ReturnType<typeof layer>[], more: { fillerCm?: number } = {}) =>
  waterRun({
    fill: { shape: POT, headspaceCm: 2.5, layers, ...more },
    millilitres: 1000,
  })

test('what is poured runs out, runs over or stays, and the pot begins and ends drained', () => {
  const { frames, keptMl, overflowMl, layers, firstDripS, untilS } = watered([
    layer('all-purpose-mix', 20),
  ])
  const last = frames.at(-1)
  close((last?.outMl ?? 0) + keptMl + overflowMl, 1000, 1)
  assert.equal(frames.length, 60)
  assert.equal(frames[0]?.outMl, 0)
  assert.ok((firstDripS ?? 0) < (untilS ?? 0))
  const { airFraction } = containerCapacity({
    curve: material('all-purpose-mix').curve,
    shape: POT,
    fillHeightCm: 20,
  })
  close(layers[0]?.air ?? 0, airFraction, 0.003)
})

test('the time to a volume of choice: later for more, never for more than was poured', () => {
  const timeTo = (untilMl: number) =>
    waterRun({
      fill: { shape: POT, headspaceCm: 2.5, layers: [layer('all-purpose-mix', 20)] },
      millilitres: 1000,
      untilMl,
    })
  const early = timeTo(200)
  const late = timeTo(800)
  assert.ok((early.untilS ?? 0) < (late.untilS ?? 0))
  const before = early.frames.filter(({ atS }) => atS <= (early.untilS ?? 0)).at(-1)
  assert.ok((before?.outMl ?? 0) <= 200 + 1)
  assert.equal(timeTo(1200).untilS, null)
  assert.throws(() => timeTo(-1), { code: 'out-of-range' })
})

test('a bottom layer lifts the wet zone into the mix: less air there than in a full pot of it', () => {
  const mix = 'all-purpose-mix'
  const full = watered([layer(mix, 20)])
  const onGravel = watered([layer('gravel', 6), layer(mix, 14)])
  const onFiller = watered([layer(mix, 14)], { fillerCm: 6 })
  const air = ({ layers }: typeof full) => layers.at(-1)?.air ?? 0
  // As deep a mix in a full pot has its wet zone below: what lies on it drains better.
  const topOfFull = watered([layer(mix, 6), layer(mix, 14)])
  assert.ok(air(onGravel) < air(topOfFull) - 0.02)
  assert.ok(air(onFiller) < air(full) - 0.02)
  assert.ok(onGravel.thinAirUpToCm > full.thinAirUpToCm + 3)
  assert.ok(onFiller.airlessUpToCm > 6)
  // Grit stops pulling as gravel does; perlite goes on: the wet zone stays where it was, in it.
  assert.ok(air(watered([layer('grit', 6), layer(mix, 14)])) < air(topOfFull) - 0.02)
  const onPerlite = watered([layer('perlite-coarse', 6), layer(mix, 14)])
  close(air(onPerlite), air(topOfFull), 0.005)
  assert.equal(onPerlite.thinAirUpToCm, 6)
})

test('a pour above the headspace runs over; none at all changes nothing', () => {
  const flood = waterRun({
    fill: { shape: POT, headspaceCm: 2.5, layers: [layer('peat-fine', 20)] },
    millilitres: 8000,
    pourS: 5,
  })
  assert.ok(flood.overflowMl > 3000)
  const none = waterRun({
    fill: { shape: POT, headspaceCm: 2.5, layers: [layer('peat-fine', 20)] },
    millilitres: 0,
    start: 'rested',
  })
  assert.equal(none.untilS, null)
  assert.ok((none.frames.at(-1)?.outMl ?? 1) < 1)
})

test('impossible fills are refused before anything is worked out', () => {
  assert.throws(() => watered([layer('gravel', 30)]), { code: 'out-of-range' })
  assert.throws(() => watered([]), { code: 'too-few' })
  assert.throws(
    () =>
      waterRun({
        fill: { shape: POT, headspaceCm: 2.5, layers: [layer('gravel', 20)] },
        millilitres: Number.NaN,
      }),
    { code: 'not-finite' },
  )
})

test('coarse material under a mix passes one to three centimetres of suction, not as many as it is high', () => {
  const passes = (id: string) => {
    const { curve, ksCmPerS, entryCm } = material(id)
    const layers = [
      { thicknessCm: 12, curve, ksCmPerS, entryCm: entryCm ?? null },
      layer('all-purpose-mix', 10),
    ]
    return drainedSuctions(layers).at(-1)?.startCm ?? 0
  }
  for (const id of ['gravel', 'grit', 'expanded-clay', 'perlite-coarse']) {
    const cm = passes(id)
    assert.ok(cm > 0.3 && cm < 4, `${id}: ${cm}`)
  }
  // What is fine draws as far as it is high.
  assert.ok(passes('garden-loam') > 11.9)
  const coarse = { material: material('perlite-coarse'), parts: 1 }
  assert.ok(coarse.material.entryCm)
  assert.equal(entryOf([coarse]), coarse.material.entryCm)
  assert.equal(entryOf([coarse, { material: material('grit'), parts: 1 }]), null)
  assert.equal(entryOf([coarse, { material: material('grit'), parts: 0 }]), coarse.material.entryCm)
})
