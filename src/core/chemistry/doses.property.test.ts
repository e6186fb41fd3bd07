import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { jarTest, leach, limeDose, sulfurDose, waterDrift } from './index'

// The arithmetic worked out a second time, step by step and without the shortcuts, on inputs nobody chose.

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const lime = fc.record({
  cce: number(0.3, 1.6),
  releaseDays50: fc.oneof(fc.constant(0), number(1, 400)),
  rateHighGPerL: number(0.5, 8),
})
const asked = {
  ph: number(3, 8.5),
  target: number(3.6, 7.8),
  buffer: number(0.2, 6),
  freeLimeGPerL: fc.oneof(fc.constant(0), number(0, 6)),
  weeks: fc.integer({ min: 1, max: 52 }),
}
const gone = (days: number, half: number) => (half === 0 ? 1 : 1 - 2 ** (-days / half))

test('lime: what is needed, how it is given, and where the pH ends', () => {
  fc.assert(
    fc.property(fc.record({ ...asked, material: lime }), (input) => {
      const { ph, target, buffer, freeLimeGPerL, weeks, material } = input
      const told = limeDose(input)
      const share = gone(7 * weeks, material.releaseDays50)
      const needed = ((target - ph) * buffer - freeLimeGPerL / 2) / (material.cce * share)
      close(told.reactiveShare, share, 1e-12, 'share reacted')

      if (Math.abs(target - ph) <= 0.2) assert.equal(told.reason, 'close-enough')
      else if (target < ph) assert.equal(told.reason, 'above-target')
      else if (needed <= 0) assert.equal(told.reason, 'free-lime-enough')
      else if (needed > 2 * material.rateHighGPerL) assert.equal(told.reason, 'too-weak')
      else assert.equal(told.reason, 'needed')

      const first =
        told.reason === 'needed'
          ? needed > material.rateHighGPerL
            ? needed / 2
            : needed
          : told.reason === 'too-weak'
            ? material.rateHighGPerL
            : 0
      close(told.firstGPerL, first, 1e-9 * (1 + first), 'what goes in now')
      assert.equal(told.reachable, told.reason !== 'too-weak')
      assert.equal(told.split, told.reason === 'needed' && needed > material.rateHighGPerL)

      const strength = first * material.cce
      const after = ph + (strength * share + freeLimeGPerL / 2) / buffer
      close(told.phAfter, Math.max(ph, Math.min(7.8, after)), 1e-9, 'pH after')
      const eventual = ph + (strength + freeLimeGPerL) / buffer
      close(told.phEventual, Math.max(ph, Math.min(8.2, eventual)), 1e-9, 'pH in the end')
      close(told.unreactedGPerL, strength * (1 - share), 1e-9 * (1 + strength), 'left on the lot')
    }),
    { numRuns: 500 },
  )
})

test('lime between living roots: never more than a gram at once, and never a caustic one', () => {
  fc.assert(
    fc.property(fc.record({ ...asked, material: lime }), (input) => {
      const freely = limeDose(input)
      if (input.material.cce > 1.2) {
        assert.throws(() => limeDose({ ...input, livingRoots: true }), { code: 'bad-argument' })
        return
      }
      const careful = limeDose({ ...input, livingRoots: true })
      close(careful.firstGPerL, Math.min(1, freely.firstGPerL), 1e-12, 'first dose')
      assert.equal(careful.split, freely.split || freely.firstGPerL > 1)
      assert.ok(careful.phAfter <= freely.phAfter + 1e-12)
    }),
  )
})

test('sulfur: all free lime goes first, and what it cannot do is told with what it would take', () => {
  fc.assert(
    fc.property(fc.record({ ...asked, livingRoots: fc.boolean() }), (input) => {
      const { ph, target, buffer, freeLimeGPerL, weeks, livingRoots } = input
      const told = sulfurDose(input)
      const share = gone(7 * weeks, 45)
      const needed = ((ph - target) * buffer + freeLimeGPerL) / (3.12 * share)
      const isClose = Math.abs(ph - target) <= 0.2
      const reason = isClose
        ? 'close-enough'
        : target > ph
          ? 'below-target'
          : freeLimeGPerL > 0.5
            ? 'limey'
            : needed > 1.5
              ? 'too-much-sulfur'
              : 'needed'
      assert.equal(told.reason, reason)
      assert.equal(told.reachable, reason !== 'limey' && reason !== 'too-much-sulfur')
      if (reason === 'close-enough' || reason === 'below-target') {
        assert.deepEqual([told.neededGPerL, told.gPerL, told.firstGPerL], [0, 0, 0])
        return
      }
      close(told.neededGPerL, needed, 1e-9 * (1 + needed), 'needed')
      if (!told.reachable) {
        assert.deepEqual([told.gPerL, told.firstGPerL], [0, 0])
        return
      }
      const first = needed > 0.75 ? needed / 2 : needed
      close(told.gPerL, needed, 1e-9, 'dose')
      close(told.firstGPerL, livingRoots ? Math.min(0.3, first) : first, 1e-9, 'first dose')
    }),
    { numRuns: 500 },
  )
})

test('leaching: what is poured brings the salts to what was wanted', () => {
  const input = fc.record({
    waterEc: number(0, 0.8),
    above: number(0.05, 3),
    more: number(0.1, 8),
    mediaLitres: number(1, 500),
    waterFraction: number(0.2, 0.8),
    efficiency: number(0.2, 1),
  })
  fc.assert(
    fc.property(input, ({ waterEc, above, more, mediaLitres, waterFraction, efficiency }) => {
      const target = waterEc + above
      const ec = target + more
      const told = leach({ ec, target, mediaLitres, waterFraction, waterEc, efficiency })
      // Each small amount that works takes its share of the salts above the water's own.
      const steps = 20_000
      let now = ec
      const each = (told.litres * efficiency) / steps / (mediaLitres * waterFraction)
      for (let i = 0; i < steps; i++) now -= (now - waterEc) * each
      close(now, target, 0.01 * above + 1e-3, 'salts after')
      assert.equal(told.passes, 3)
      close(told.litresPerPass * 3, told.litres, 1e-9 * told.litres, 'three passes')
    }),
    { numRuns: 40 },
  )
  assert.deepEqual(leach({ ec: 2, target: 2, mediaLitres: 10, waterFraction: 0.5 }), {
    litres: 0,
    passes: 0,
    litresPerPass: 0,
  })
})

test('water that is hard: rain in its place, or sulfur, ends the season at the top of the band', () => {
  const input = fc.record({
    alkalinity: number(20, 400),
    litresApplied: number(10, 400),
    mediaLitres: number(5, 60),
    buffer: number(0.5, 4),
    fertilizerAcidity: number(0, 20),
    ph: number(4, 6.5),
    room: number(0.05, 2),
    months: number(2, 12),
  })
  fc.assert(
    fc.property(input, ({ room, ...told }) => {
      const phHigh = told.ph + room
      const drift = waterDrift({ ...told, phHigh })
      const capacity = told.mediaLitres * told.buffer
      const given = (told.alkalinity * told.litresApplied) / 1000
      close(drift.limeEquivalentG, given, 1e-9 * given, 'lime in the water')
      close(drift.deltaPh, (given - told.fertilizerAcidity) / 2 / capacity, 1e-9, 'drift')
      assert.ok(drift.rainShare !== null && drift.rainShare >= 0 && drift.rainShare <= 1)
      if (drift.deltaPh <= room) {
        assert.equal(drift.rainShare, 0, 'it stays inside by itself')
        close(drift.sulfurGPerL ?? -1, 0, 1e-9, 'sulfur')
        return
      }
      const thinner = told.alkalinity * (1 - drift.rainShare)
      const after = waterDrift({ ...told, alkalinity: thinner, phHigh })
      close(after.deltaPh, room, 1e-9, 'with rain')
      const acid = (drift.sulfurGPerL ?? 0) * 3.12 * told.mediaLitres
      close((given - told.fertilizerAcidity) / 2 / capacity - acid / capacity, room, 1e-9, 'sulfur')
      // It leaves its band on the way there, not after the season.
      assert.ok((drift.monthsToLeave ?? Infinity) < told.months)
      close(((drift.monthsToLeave ?? 0) / told.months) * drift.deltaPh, room, 1e-9, 'leaves')
    }),
    { numRuns: 300 },
  )
})

test('jars: the dose read off lies between the jars that stand about the target', () => {
  const jars = fc
    .uniqueArray(fc.integer({ min: 1, max: 20 }), { minLength: 2, maxLength: 6 })
    .chain((doses) =>
      fc.record({
        doses: fc.constant([0, ...doses].sort((a, b) => a - b)),
        ph0: number(3.6, 5.5),
        steps: fc.array(number(0.01, 0.6), { minLength: 7, maxLength: 7 }),
        days: fc.integer({ min: 7, max: 28 }),
        aim: number(0, 1),
      }),
    )
  const material = { cce: 1.06, releaseDays50: 40, rateHighGPerL: 6 }
  fc.assert(
    fc.property(jars, ({ doses, ph0, steps, days, aim }) => {
      let ph = ph0
      const points = doses.map((gPerL, at) => {
        if (at > 0) ph += steps[at - 1] as number
        return { gPerL, ph }
      })
      const last = points[points.length - 1] as { gPerL: number; ph: number }
      const target = Math.max(3.6, Math.min(7.8, ph0 + aim * (last.ph - ph0)))
      if (target > last.ph) return
      const read = jarTest({ points, target, material, days })
      assert.equal(read.monotone, true)
      close(read.weeks, (4 * days) / 7, 1e-12, 'weeks it holds for')
      const above = points.find((point) => point.ph >= target - 1e-12)
      const below = [...points].reverse().find((point) => point.ph <= target + 1e-12)
      assert.ok(above && below)
      assert.ok(read.gPerL <= above.gPerL + 1e-9 && read.gPerL >= below.gPerL - 1e-9)
      if (target - ph0 < 0.2) assert.equal(read.buffer, null)
      else {
        const worked = 1.06 * gone(4 * days, 40) * read.gPerL
        close(read.buffer ?? -1, worked / (target - ph0), 1e-9, 'buffer it implies')
      }
    }),
    { numRuns: 300 },
  )
})
