import type { Exchanged } from './arrangements'

const GOLDEN = 0x6d2b79f5
const PER_STEP = 2 ** -32

interface Segment {
  readonly from: number
  readonly size: number
  /** Groups whose pots are drawn, with how many. */
  readonly drawn: readonly (readonly [group: number, count: number])[]
  /** The largest group gets what is left. */
  readonly rest: number
}

/**
 * Draws arrangements of pots and adds up what each group got, in one pass: Fisher and Yates, stopped where the last group
 * gets what is left. 32-bit generator (mulberry32): a seed gives the same arrangements on every machine.
 */
export class Permuter {
  /** What each group got in the last arrangement. */
  readonly sums: Float64Array
  private readonly values: Float64Array
  private readonly segments: readonly Segment[]
  private state: number

  /** @param values of the pots, those of an exchange beside each other and 0 in sum */
  constructor(
    values: Float64Array,
    exchanges: readonly Exchanged[],
    groupCount: number,
    seed: number,
  ) {
    this.values = Float64Array.from(values)
    this.sums = new Float64Array(groupCount)
    this.state = seed | 0
    this.segments = exchanges.map(({ from, to, ofGroup }) => {
      const rest = ofGroup.indexOf(Math.max(...ofGroup))
      const drawn = ofGroup.flatMap((count, group) =>
        group === rest || count === 0 ? [] : [[group, count] as const],
      )
      return { from, size: to - from, drawn, rest }
    })
  }

  next(): Float64Array {
    const { sums, values } = this
    let state = this.state
    sums.fill(0)
    for (const { from, size, drawn, rest } of this.segments) {
      let at = from
      let left = size
      let given = 0
      for (const [group, count] of drawn) {
        let sum = 0
        for (const end = at + count; at < end; at++, left--) {
          state = (state + GOLDEN) | 0
          let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
          mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
          const other = at + ((((mixed ^ (mixed >>> 14)) >>> 0) * PER_STEP * left) | 0)
          const value = values[other] as number
          values[other] = values[at] as number
          values[at] = value
          sum += value
        }
        sums[group] = (sums[group] as number) + sum
        given += sum
      }
      sums[rest] = (sums[rest] as number) - given
    }
    this.state = state
    return sums
  }
}
