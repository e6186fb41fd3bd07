import { blendPh, waterDrift } from '../../core/chemistry'
import type { CardFacts, Tables } from './lotFacts'
import { seasonWater } from './seasonWater'

/** Feeds acidify and rain washes, of which nobody told: water is taken to have lifted a mix by no more than that. */
const MOST_DRIFT_PH = 0.6

/** What a composition lets expect of a pH, and a reading that is not trusted: standard deviations, our own estimates. */
const EXPECTED_PH_SPREAD = 0.4
const DOUBTED_PH_SPREAD = 0.3

/**
 * A pen nobody calibrated says something all the same: about as much as the composition does. Both as one, each by what
 * it is worth; null where one of them is not there.
 */
export function phByDoubtfulPen(
  expected: number | null,
  read: number | undefined,
): { readonly value: number; readonly spread: number } | null {
  if (expected === null || read === undefined) return null
  const [w1, w2] = [1 / EXPECTED_PH_SPREAD ** 2, 1 / DOUBTED_PH_SPREAD ** 2]
  return { value: (expected * w1 + read * w2) / (w1 + w2), spread: 1 / Math.sqrt(w1 + w2) }
}

/** pH after so many seasons of this garden's water; null where it stood in no pot, or served none. */
export function driftedPh(
  {
    components,
    seasons,
    ...facts
  }: Pick<CardFacts, 'lot' | 'crop' | 'container' | 'containers' | 'components'> & {
    readonly seasons: number
  },
  { site }: Pick<Tables, 'site'>,
): number | null {
  const water = seasons > 0 ? seasonWater(facts, site) : null
  if (!water) return null
  const { ph, buffer } = blendPh({ components })
  const { litresApplied, mediaLitres } = water
  const { phAfter } = waterDrift({
    alkalinity: site.tapWater.alkalinityMgPerL,
    litresApplied: litresApplied * seasons,
    mediaLitres,
    buffer,
    ph,
  })
  return phAfter === null ? null : Math.min(phAfter, ph + MOST_DRIFT_PH)
}
