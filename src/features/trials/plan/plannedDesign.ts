import type { DesignQuestion } from '../../../core/trials'
import type { TrialPage } from '../../../messages/trials/trialViews'

const PERCENT = 100
const USUAL_SHARE = 0.8

/** What the core is asked of a trial as it was planned. */
export function designOf(page: TrialPage): DesignQuestion {
  const isCounted = page.how === 'sown' && page.decides === 'emerged'
  return {
    kind: page.kind,
    treatments: page.treatments.length,
    pots: page.pots,
    blocks: page.isInBlocks,
    crops: page.crops,
    seeds: isCounted ? page.perPot : 0,
    cv: page.cv,
    controlShare: page.must === 'germination' ? page.mustValue / PERCENT : USUAL_SHARE,
  }
}
