const GOLDEN = 0x6d2b79f5
const STEPS = 2 ** 32

/**
 * Numbers from 0 to below 1 by a 32-bit generator (mulberry32): every operation is on 32-bit integers, so a seed gives the
 * same numbers on every machine.
 */
export function uniform32(seed: number): () => number {
  let state = seed | 0
  return () => {
    state = (state + GOLDEN) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / STEPS
  }
}

/** Whole numbers below a limit, by the same. */
export function random32(seed: number): (below: number) => number {
  const uniform = uniform32(seed)
  return (below) => Math.floor(uniform() * below)
}

/** Puts the part of a list from one place to before another into an order drawn by Fisher and Yates. */
export function shuffle(
  list: Int32Array,
  from: number,
  to: number,
  draw: (below: number) => number,
): void {
  for (let last = to - 1; last > from; last--) {
    const other = from + draw(last - from + 1)
    const kept = list[last] as number
    list[last] = list[other] as number
    list[other] = kept
  }
}
