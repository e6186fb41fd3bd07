import { type Balance, isStable, STABLE_READINGS } from './balance'

/** A simulated balance, and what somebody lays on it. */
export interface SimulatedBalance extends Balance {
  /** What lies on the pan from now on, g. */
  readonly lay: (grams: number) => void
}

const SAMPLE_MS = 200
/** It swings in with this time constant. */
const SETTLING_MS = 450
const DIVISION_G = 0.1
const NOISE_G = 0.06
/** A warm day moves its zero by so much an hour. */
const DRIFT_G_PER_H = 0.4
const HOUR_MS = 3_600_000
/** Spread of the last readings below which it is taken to be at rest. */
const STABLE_G = 0.35

/**
 * A balance that behaves like one: it swings in, is noisy, drifts, shows tenths of a gram, and says when it has come to
 * rest. The same seed and times show the same.
 * @param clock milliseconds that never go back
 */
export function simulateBalance({
  seed,
  clock,
}: {
  readonly seed: number
  readonly clock: () => number
}): SimulatedBalance {
  const since = clock()
  let pan = { grams: 0, from: 0, at: since }
  const shownAt = (sample: number) => {
    const at = since + sample * SAMPLE_MS
    const { grams, from, at: laid } = pan
    const swing = at >= laid ? Math.exp(-(at - laid) / SETTLING_MS) : 1
    const weight = grams + (from - grams) * swing
    const drift = (DRIFT_G_PER_H * (at - since)) / HOUR_MS
    const raw = weight + drift + NOISE_G * noise(seed, sample)
    return Math.max(0, Math.round(raw / DIVISION_G) * DIVISION_G)
  }
  const sampleNow = () => Math.floor((clock() - since) / SAMPLE_MS)
  return {
    isSimulated: true,
    read: () => {
      const now = sampleNow()
      const last = Array.from({ length: STABLE_READINGS }, (_, back) =>
        shownAt(now - STABLE_READINGS + 1 + back),
      )
      return { grams: Number(shownAt(now).toFixed(1)), isStable: isStable(last, STABLE_G) }
    },
    close: () => {},
    lay: (grams) => {
      pan = { grams, from: shownAt(sampleNow()), at: clock() }
    },
  }
}

/** Between -1 and 1, the same for the same sample. */
function noise(seed: number, sample: number): number {
  let mixed = Math.imul(seed ^ Math.imul(sample + 1, 0x9e3779b1), 0x85ebca6b)
  mixed ^= mixed >>> 13
  mixed = Math.imul(mixed, 0xc2b2ae35)
  mixed ^= mixed >>> 16
  return (2 * (mixed >>> 0)) / 2 ** 32 - 1
}
