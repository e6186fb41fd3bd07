import type { ControlMust } from './trialKinds'

/** What the control came to, each where it was looked at. */
export interface ControlOutcome {
  /** Seeds sown in its pots, and those that came up. */
  readonly sown: number
  readonly emerged: number | null
  /** Its pots, and those that were alive at the end. */
  readonly planted: number
  readonly alive: number
  /** One score a pot. */
  readonly vigour: readonly number[]
  /** Seedlings that nobody sowed, in all its pots. */
  readonly weeds: number | null
}

const PERCENT = 100
/** A rounding of the last digit does not void a run. */
const TOLERANCE = 1e-9

/**
 * What the control came to in the unit of what it must reach, and whether it did; null while that is not known.
 * A run whose control failed is void: nothing it shows can be told from what made the control fail.
 */
export function controlReached(
  must: ControlMust,
  mustValue: number,
  outcome: ControlOutcome,
): { readonly value: number; readonly isReached: boolean } | null {
  const value = reachedValue(must, outcome)
  if (value === null) return null
  return { value, isReached: value >= mustValue - TOLERANCE }
}

function reachedValue(must: ControlMust, outcome: ControlOutcome): number | null {
  const { sown, emerged, planted, alive, vigour, weeds } = outcome
  switch (must) {
    case 'germination':
      return emerged === null || sown === 0 ? null : (PERCENT * emerged) / sown
    case 'survival':
      return planted === 0 ? null : (PERCENT * alive) / planted
    case 'vigour':
      return vigour.length === 0 ? null : vigour.reduce((sum, one) => sum + one, 0) / vigour.length
    case 'weeds':
      return weeds
  }
}
