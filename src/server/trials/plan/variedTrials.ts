import type { TrialMeasure } from '../../../core/trials'
import { closedTrials } from '../../../data/trials'
import type { VariedView } from '../../../messages/trials/trialViews'
import type { OpenDatabase } from '../../database'

const MOST = 40

/** How much plants varied in trials that are over, the newest first: the next one is planned with it. */
export async function variedTrials(db: OpenDatabase): Promise<VariedView[]> {
  const closed = await closedTrials(db, MOST)
  return closed.flatMap(({ id, name, cropId, outcome }) =>
    outcome.isVoid
      ? []
      : (Object.entries(outcome.cvs) as [TrialMeasure, number][]).map(([measure, cv]) => ({
          trialId: id,
          name,
          cropId,
          measure,
          cv,
          blockCv: outcome.blockCvs?.[measure] ?? null,
          trayCv: measure === 'emerged' ? (outcome.trayCv ?? null) : null,
        })),
  )
}
