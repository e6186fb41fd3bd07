import { DomainError } from '../errors'
import { requireFinite, requireList } from '../statistics'
import { usedPots } from './pots'

export interface Growth {
  /** By trapezoids, from the first to the last used time; no baseline is taken off. */
  readonly auc: number
  /** Least-squares slope of ln size on time over all sizes above 0; null below two of them. */
  readonly rgr: number | null
  /** Values that the rate rests on. */
  readonly nRgr: number
  readonly from: number
  readonly to: number
}

/**
 * The growth of one pot.
 * @param values one a time; null where the pot was not measured
 * @throws DomainError `too-few` below two used values, `bad-argument` for a time twice or lists of different length,
 *   `not-finite`
 * @example growthCurve([7, 14, 21], [4, 8, 16]).rgr // 0.099
 */
export function growthCurve(times: readonly number[], values: readonly (number | null)[]): Growth {
  usedPots('The values', values)
  requireList('The times', times)
  if (times.length !== values.length) {
    throw new DomainError('bad-argument', 'Each time needs one value.')
  }
  const points = times
    .flatMap((time, at) => {
      const value = values[at]
      if (value === null || value === undefined) return []
      return [{ time: requireFinite('Each time', time), value }]
    })
    .sort((a, b) => a.time - b.time)
  if (new Set(points.map(({ time }) => time)).size < points.length) {
    throw new DomainError('bad-argument', 'A time stands there twice.')
  }
  const [first, last] = [points[0], points.at(-1)]
  if (points.length < 2 || !first || !last) {
    throw new DomainError('too-few', 'A curve needs at least two measurements.')
  }
  let auc = 0
  points.slice(1).forEach((one, at) => {
    const before = points[at] as typeof one
    auc += ((one.time - before.time) * (one.value + before.value)) / 2
  })
  const grown = points.filter(({ value }) => value > 0)
  return { auc, rgr: slopeOfLog(grown), nRgr: grown.length, from: first.time, to: last.time }
}

function slopeOfLog(points: readonly { readonly time: number; readonly value: number }[]) {
  const n = points.length
  if (n < 2) return null
  const meanTime = points.reduce((sum, { time }) => sum + time, 0) / n
  const meanLog = points.reduce((sum, { value }) => sum + Math.log(value), 0) / n
  const across = points.reduce((sum, { time }) => sum + (time - meanTime) ** 2, 0)
  const along = points.reduce(
    (sum, { time, value }) => sum + (time - meanTime) * (Math.log(value) - meanLog),
    0,
  )
  return along / across
}
