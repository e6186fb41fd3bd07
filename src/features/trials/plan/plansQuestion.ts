import type { DesignQuestion } from '../../../core/trials'
import type { VariedView } from '../../../messages/trials/trialViews'
import type { TrialPlansQuestion } from '../../../workers/jobs'

/** From block to block and from tray to tray, percent of the control's mean, as trials of this garden found them. */
export interface GardenSpreads {
  readonly blockCv?: number
  readonly trayCv?: number
}

/** Most growers would change a mix for so much. */
const ASKED_PERCENT = 20
const MOST_POTS = 100
const MOST_CROPS = 40
const RUNS = 1000

/** What is counted up to find more. */
export type PlanUnit = 'pots' | 'blocks' | 'trays' | 'crops'

export function unitOf({ kind, seeds, blocks }: DesignQuestion): PlanUnit {
  if (kind === 'side-by-side') return 'crops'
  if (seeds > 1) return 'trays'
  return blocks && seeds === 0 ? 'blocks' : 'pots'
}

/** What is grown on paper: the plan as it is, and with more pots of each, or more crops. */
export function plansQuestion(
  { kind, treatments, pots, blocks, crops, seeds, cv, controlShare }: DesignQuestion,
  { blockCv, trayCv }: GardenSpreads,
): TrialPlansQuestion {
  const isSide = kind === 'side-by-side'
  const size = isSide ? crops : pots
  const most = isSide ? MOST_CROPS : MOST_POTS
  const more = [...new Set([size + 2, size + 4, size * 2])].filter((one) => one <= most)
  return {
    plan: {
      kind,
      treatments,
      pots,
      blocks,
      crops,
      cv,
      ...(blockCv === undefined ? {} : { blockCv }),
      ...(trayCv === undefined ? {} : { trayCv }),
      seeds,
      share: seeds > 0 ? controlShare : null,
      differencePercent: ASKED_PERCENT,
      runs: RUNS,
    },
    more: more.sort((a, b) => a - b),
  }
}

/** The newest of what trials of the garden found, those of the same crop before others. */
export function gardenSpreads(varied: readonly VariedView[], cropId: string): GardenSpreads {
  const sorted = [...varied].sort(
    (a, b) => Number(b.cropId === cropId) - Number(a.cropId === cropId),
  )
  const block = sorted.find(({ blockCv }) => blockCv !== null)?.blockCv
  const tray = sorted.find(({ trayCv }) => trayCv !== null)?.trayCv
  return {
    ...(block == null ? {} : { blockCv: Math.round(block) }),
    ...(tray == null ? {} : { trayCv: Math.round(tray) }),
  }
}
