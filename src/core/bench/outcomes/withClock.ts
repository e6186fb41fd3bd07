import { secondsSince } from '../clockMoments'
import type { HeatReading } from '../heatRecord'
import type { Observation } from '../observations'

/** A tap of a test's clock, with what was read at it. */
export interface TestMoment {
  readonly key: string
  readonly at: Date
  readonly value: number | null
}

/**
 * An observation with the times of its clock put in: what was tapped, or corrected by hand, counts before what was
 * typed.
 */
export function withClock(observation: Observation, moments: readonly TestMoment[]): Observation {
  const taps = moments.map(({ key, at }) => ({ key, atMs: at.getTime() }))
  switch (observation.kind) {
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
      const first = moments.find(isProbed)
      if (!first) return observation
      const readings = moments.filter(isProbed).map(
        ({ at, value: tempC }): HeatReading => ({
          minute: (at.getTime() - first.at.getTime()) / 60_000,
          tempC,
        }),
      )
      return { ...observation, readings }
    }
    default:
      return observation
  }
}

function isProbed(moment: TestMoment): moment is TestMoment & { readonly value: number } {
  return moment.key === 'temp' && moment.value !== null
}
