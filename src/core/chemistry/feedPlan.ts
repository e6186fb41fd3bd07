import { DomainError } from '../errors'
import { requireNumber, requireObject } from '../validate'
import { type NitrogenBudget, refeed } from './nitrogenBudget'
import type { Amendment } from './tables'

export interface FeedPlan {
  /** First and last week with feed; null where nothing is fed. */
  readonly startWeek: number | null
  readonly endWeek: number | null
  /** Strength of the feed, mg N per L of water. */
  readonly nMgPerL: number
  readonly feeds: number
  /** Product in each litre of water, and in each can. */
  readonly gPerLitre: number
  readonly gPerCan: number
  /** Product for the season, g per container. */
  readonly productG: number
  /** Conductivity of the feed, dS/m. */
  readonly feedEc: number
  /** Nitrogen given in all, mg per L of mix. */
  readonly givenMgPerL: number
  readonly coverageAfter: number
  readonly reached: boolean
}

/** Strengths are mixed in steps of this, mg N/L. */
const STRENGTH_STEP = 25
/** 1 g/L dissolved raises the conductivity of water by this times the salt index, dS/m. */
const EC_PER_SALT_INDEX_IN_WATER = 0.02

/**
 * Soluble feed for what a mix does not give: one strength, from the first short week until some weeks before the end;
 * the weakest that meets the crop's need, or the strongest allowed (Handreck & Black 2010).
 * @param budget of the mix without this feed
 * @param mediaLitres in a container, and `litresPerFeed` of feed it gets each time
 * @param maxMgNPerL 200 by default; 75 for seedlings, 100 for epiphytes
 * @throws DomainError `bad-argument` for a product without nitrogen
 */
export function feedPlan({
  budget,
  mediaLitres,
  litresPerFeed,
  feedsPerWeek = 1,
  product,
  canLitres = 10,
  stopWeeksBeforeEnd = 2,
  maxMgNPerL = 200,
  targetCoverage = 0.95,
  waterEc = 0,
}: {
  budget: NitrogenBudget
  mediaLitres: number
  litresPerFeed: number
  feedsPerWeek?: number
  product: Pick<Amendment, 'name' | 'nPercent' | 'saltIndex'>
  canLitres?: number
  stopWeeksBeforeEnd?: number
  maxMgNPerL?: number
  targetCoverage?: number
  waterEc?: number
}): FeedPlan {
  requireObject('The nitrogen budget', budget)
  requireObject('The product', product)
  requireNumber('The litres of media', mediaLitres, { above: 0 })
  requireNumber('The litres of feed', litresPerFeed, { above: 0 })
  requireNumber('The feeds a week', feedsPerWeek, { above: 0, max: 14 })
  requireNumber('The can in L', canLitres, { above: 0 })
  requireNumber('The weeks without feed at the end', stopWeeksBeforeEnd, { min: 0 })
  requireNumber('The strongest feed in mg N/L', maxMgNPerL, { min: STRENGTH_STEP })
  requireNumber('The coverage wanted', targetCoverage, { above: 0, max: 1 })
  requireNumber('The conductivity of the water', waterEc, { min: 0 })
  if (!(product.nPercent > 0)) {
    throw new DomainError('bad-argument', `${product.name} brings no nitrogen.`)
  }
  const startWeek = budget.firstShortWeek
  const endWeek = budget.weeks.length - stopWeeksBeforeEnd
  if (startWeek === null || startWeek > endWeek) {
    return {
      startWeek: null,
      endWeek: null,
      nMgPerL: 0,
      feeds: 0,
      gPerLitre: 0,
      gPerCan: 0,
      productG: 0,
      feedEc: waterEc,
      givenMgPerL: 0,
      coverageAfter: budget.coverage,
      reached: budget.coverage >= targetCoverage,
    }
  }

  const weeksFed = endWeek - startWeek + 1
  const perWeek = (nMgPerL: number) => (nMgPerL * litresPerFeed * feedsPerWeek) / mediaLitres
  const coverageWith = (nMgPerL: number) =>
    refeed(
      budget,
      budget.weeks.map(({ week }) => (week >= startWeek && week <= endWeek ? perWeek(nMgPerL) : 0)),
    ).coverage
  const strongest = STRENGTH_STEP * Math.floor(maxMgNPerL / STRENGTH_STEP + 1e-9)
  let nMgPerL = STRENGTH_STEP
  while (nMgPerL < strongest && coverageWith(nMgPerL) < targetCoverage) nMgPerL += STRENGTH_STEP
  const coverageAfter = coverageWith(nMgPerL)
  const gPerLitre = nMgPerL / (10 * product.nPercent)
  return {
    startWeek,
    endWeek,
    nMgPerL,
    feeds: Math.ceil(feedsPerWeek * weeksFed - 1e-9),
    gPerLitre,
    gPerCan: gPerLitre * canLitres,
    productG: gPerLitre * litresPerFeed * feedsPerWeek * weeksFed,
    feedEc: waterEc + EC_PER_SALT_INDEX_IN_WATER * product.saltIndex * gPerLitre,
    givenMgPerL: perWeek(nMgPerL) * weeksFed,
    coverageAfter,
    reached: coverageAfter >= targetCoverage,
  }
}
