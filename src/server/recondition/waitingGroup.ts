import type { LotTriage } from '../../core/recondition'
import {
  WAITING_GROUPS,
  type WaitingGroup,
  type WaitingState,
} from '../../messages/recondition/turnover'

/**
 * What stands between a lot and its next innings. Plants that stand in it come first, for nothing can be done before;
 * then what was found in it: a lot that may only serve some plants can be turned over today, one that is to be treated
 * or is kept apart cannot, and one that is given up never.
 */
export function waitingGroup(
  state: WaitingState,
  triage: Pick<LotTriage, 'verdict' | 'hold' | 'overridden'> | null,
): WaitingGroup {
  if (state === 'act') return 'growing'
  const fit = state === 'store' ? 'store' : 'ready'
  if (!triage) return fit
  if (triage.hold) return 'treat'
  if (triage.overridden) return fit
  switch (triage.verdict) {
    case 'reuse':
      return fit
    case 'restrict':
      return 'limited'
    case 'clean':
    case 'treat':
      return 'treat'
    case 'compost':
    case 'discard':
      return 'lost'
  }
}

/** Those with the same in their way together, each kind in the order they came. */
export function byWaitingGroup<Lot extends { readonly group: WaitingGroup }>(
  lots: readonly Lot[],
): readonly Lot[] {
  return WAITING_GROUPS.flatMap((group) => lots.filter((lot) => lot.group === group))
}
