import { secondsSince } from '../clockMoments'
import type { TestKind } from '../testKinds'

/** A tap of a test's clock, with what was read at it. */
export interface TestMoment {
  readonly key: string
  readonly at: Date
  readonly value: number | null
}

type Observation = Readonly<Record<string, unknown>>

/**
 * An observation with the times of its clock put in: what was tapped, or corrected by hand, counts before what was
 * typed.
 */
export function withClock(
  kind: TestKind,
  observation: Observation,
  moments: readonly TestMoment[],
): Observation {
  const taps = moments.map(({ key, at }) => ({ key, atMs: at.getTime() }))
  switch (kind) {
    case 'drain':
    case 'layers': {
      const { drip, mark, stopped, stands } = secondsSince(taps, 'pour')
      return {
        ...observation,
        ...(drip === undefined ? {} : { firstDripS: drip }),
        ...(mark === undefined ? {} : { markS: mark }),
        ...(stopped === undefined ? {} : { stoppedS: stopped }),
        ...(stands === undefined ? {} : { stoodOnTop: true }),
      }
    }
    case 'wetting': {
      const gone = Object.values(secondsSince(taps, 'drops'))
      return gone.length > 0 ? { ...observation, dropsS: gone } : observation
    }
    case 'heat': {
      const probed = moments.filter(({ key, value }) => key === 'temp' && value !== null)
      const [first] = probed
      if (!first) return observation
      const readings = probed.map(({ at, value }) => ({
        minute: (at.getTime() - first.at.getTime()) / 60_000,
        tempC: value,
      }))
      return { ...observation, readings }
    }
    default:
      return observation
  }
}
