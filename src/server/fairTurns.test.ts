import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { createFairTurns } from './fairTurns'

test('a device has a few requests under way, the rest wait in order, and another device does not wait for them', () => {
  const turns = createFairTurns({ atOnce: 2, mostWaiting: 3 })
  const begun: string[] = []
  const ends: (() => void)[] = []
  const ask = (device: string, what: string) =>
    turns.take(device, (over) => {
      begun.push(what)
      ends.push(over)
    })
  for (const what of ['a1', 'a2', 'a3', 'a4', 'a5']) assert.equal(ask('a', what), true)
  assert.equal(ask('a', 'a6'), false, 'too many wait')
  assert.equal(ask('b', 'b1'), true)
  assert.deepEqual(begun, ['a1', 'a2', 'b1'])
  ends[0]?.()
  ends[0]?.()
  assert.deepEqual(begun, ['a1', 'a2', 'b1', 'a3'], 'told twice, it is over once')
  ends[1]?.()
  ends[3]?.()
  assert.deepEqual(begun.slice(-2), ['a4', 'a5'])
})

test('whatever ends in whatever order, all that was taken begins once and never too many at a time', () => {
  fc.assert(
    fc.property(fc.array(fc.nat({ max: 5 }), { maxLength: 60 }), (acts) => {
      const turns = createFairTurns({ atOnce: 2, mostWaiting: 50 })
      let underWay = 0
      let begun = 0
      let taken = 0
      const ends: (() => void)[] = []
      const end = (which: number) => {
        const [over] = ends.splice(which % Math.max(1, ends.length), 1)
        if (!over) return
        underWay--
        over()
      }
      for (const act of acts) {
        if (act > 2) {
          taken++
          turns.take('a', (over) => {
            begun++
            underWay++
            ends.push(over)
          })
        } else end(act)
        assert.ok(underWay <= 2)
      }
      while (ends.length > 0) end(0)
      assert.equal(begun, taken)
    }),
  )
})
