import type { DrainageInput } from './drainageInput'
import { timeToMl } from './timeToMl'

/** Water run out by each of these times, mL. */
interface Outflow {
  readonly tS: readonly number[]
  readonly ml: readonly number[]
}

/**
 * What pours brought of an outflow: what the same start would have lost without them is taken off.
 * @param whole with the pours
 * @param alone of the same start, without them
 */
export function broughtByPours({ tS, ml }: Outflow, alone: Outflow): Outflow {
  let most = 0
  const brought = tS.map((at, index) => {
    most = Math.max(most, (ml[index] as number) - mlAt(alone, at))
    return most
  })
  return { tS, ml: brought }
}

/** The first drip (the first millilitre) and the time to any volume, s. */
export function timesOf({ tS, ml }: Outflow): {
  readonly firstDripS: number | null
  readonly timeToMl: (ml: number) => number | null
} {
  return { firstDripS: timeToMl(tS, ml, 1), timeToMl: (wanted) => timeToMl(tS, ml, wanted) }
}

/** Whether nothing runs out before anything is poured: what was just watered, or is full, still drains. */
export function isAtRest({ initial, layers }: DrainageInput): boolean {
  switch (initial.kind) {
    case 'watered':
      return false
    case 'suction':
      return initial.cm > 0
    case 'moisture':
      return layers.some(({ curve }) => initial.fraction < curve.thetaS)
    case 'drained':
      return true
  }
}

/** Run out by a time, mL, between the points by straight lines. */
function mlAt({ tS, ml }: Outflow, at: number): number {
  let [low, high] = [0, tS.length - 1]
  if (at >= (tS[high] as number)) return ml[high] as number
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if ((tS[middle] as number) <= at) low = middle
    else high = middle
  }
  const [from, to] = [tS[low] as number, tS[high] as number]
  const share = to > from ? (at - from) / (to - from) : 0
  return (ml[low] as number) + share * ((ml[high] as number) - (ml[low] as number))
}
