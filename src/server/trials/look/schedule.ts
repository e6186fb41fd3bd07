import { addDays } from 'date-fns'
import type { Trial } from '../../../data/trials'
import type { TrialState } from '../../../messages/trials/trialViews'

export function stateOf({ closedAt, plantedOn, potList }: Trial): TrialState {
  if (closedAt !== null) return 'closed'
  if (plantedOn !== null) return 'running'
  const isReady = potList.every(({ containerId }) => containerId !== null)
  return isReady ? 'ready' : 'planned'
}

/** Days on which it is looked at, with their dates once it is planted. */
export function checksOf({
  checkDays,
  plantedOn,
}: Pick<Trial, 'checkDays' | 'plantedOn'>): { readonly day: number; readonly on: string | null }[] {
  return [...checkDays]
    .sort((a, b) => a - b)
    .map((day) => ({
      day,
      on:
        plantedOn === null
          ? null
          : addDays(new Date(`${plantedOn}T00:00:00Z`), day)
              .toISOString()
              .slice(0, 10),
    }))
}

/** The schedule with its dates. */
export function datedChecks(
  trial: Pick<Trial, 'checkDays' | 'plantedOn'>,
): { readonly day: number; readonly on: string }[] {
  return checksOf(trial).flatMap(({ day, on }) => (on === null ? [] : [{ day, on }]))
}
