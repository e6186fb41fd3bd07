const STEPS = 12

/** Numbers about 0 with a spread of about 1 that are the same for the same seed (sums of twelve even draws). */
export function noise(seed: number): () => number {
  let state = seed >>> 0
  const even = () => {
    // Mulberry32: a small generator of 32 bits.
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32
  }
  return () => {
    let sum = 0
    for (let i = 0; i < STEPS; i++) sum += even()
    return sum - STEPS / 2
  }
}
