import betaQuantile from '@stdlib/stats-base-dists-beta-quantile'
import gammaQuantile from '@stdlib/stats-base-dists-gamma-quantile'
import { DomainError } from '../errors'
import { requireNumber, requireWhole } from '../validate'

export interface WeedTray {
  readonly areaCm2: number
  /** Seedlings in all, those pulled before counted in. */
  readonly count: number
}

export interface WeedCount {
  readonly per100Cm2: number
  /** 95 %, exact for counts. */
  readonly interval: readonly [low: number, high: number]
  /** Against the untreated tray, area for area; null without one, or where it had none. */
  readonly ratio: { readonly value: number; readonly interval: readonly [number, number] } | null
}

const TAIL = 0.025

/**
 * Weeds that came up per 100 cm², with the exact Poisson interval (Garwood 1936), and their ratio to an untreated tray
 * with its exact interval (Przyborowski & Wilenski 1940).
 * @throws DomainError for counts that are not whole, or areas not above 0
 */
export function weedCount({
  tray,
  untreated,
}: {
  tray: WeedTray
  untreated: WeedTray | null
}): WeedCount {
  requireTray(tray)
  if (untreated) requireTray(untreated)
  const { count, areaCm2 } = tray
  const per = 100 / areaCm2
  const low = count === 0 ? 0 : gammaQuantile(TAIL, count, 1)
  const high = gammaQuantile(1 - TAIL, count + 1, 1)
  return {
    per100Cm2: count * per,
    interval: [low * per, high * per],
    ratio: untreated && untreated.count > 0 ? ratioOf(tray, untreated) : null,
  }
}

/** Given both counts' sum, one of them is binomial: its exact interval becomes one of the ratio. */
function ratioOf(tray: WeedTray, untreated: WeedTray) {
  const [a, b] = [tray.count, untreated.count]
  const scale = untreated.areaCm2 / tray.areaCm2
  const odds = (share: number) => (scale * share) / (1 - share)
  return {
    value: (scale * a) / b,
    interval: [
      a === 0 ? 0 : odds(betaQuantile(TAIL, a, b + 1)),
      odds(betaQuantile(1 - TAIL, a + 1, b)),
    ] as const,
  }
}

function requireTray({ areaCm2, count }: WeedTray): void {
  requireNumber('The area of the tray in cm²', areaCm2, { above: 0, max: 100_000 })
  requireWhole('The number of weeds', count, { min: 0, max: 100_000 })
}

/** Weeds counted on dates, each pulled as it was counted. @throws DomainError `too-few` */
export function weedsInAll(counts: readonly { readonly count: number }[]): number {
  if (counts.length === 0) throw new DomainError('too-few', 'There is no count yet.')
  return counts.reduce((sum, { count }) => sum + count, 0)
}
