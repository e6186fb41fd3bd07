/** Numbers from 0 to 1, the same for the same seed (mulberry32), so that a failed trial can be repeated. */
export type Random = () => number

export function drawFrom(seed: number): Random {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

export function pick<T>(random: Random, from: readonly T[]): T {
  const drawn = from[Math.floor(random() * from.length)]
  if (drawn === undefined) throw new Error('There is nothing to pick from.')
  return drawn
}

/** A whole number between two, both included. */
export function between(random: Random, low: number, high: number): number {
  return low + Math.floor(random() * (high - low + 1))
}
