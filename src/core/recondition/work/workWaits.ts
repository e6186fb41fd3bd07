import type { Recipe } from '../recipe'
import type { ScheduleOptions, WaitReason } from './workTypes'

/** Days from mixing until each thing added is safe to plant into or to test. */
export const WAIT_DAYS: Readonly<Record<Exclude<WaitReason, 'dry' | 'aerate' | 'rest'>, number>> = {
  compost: 7,
  organic: 14,
  lime: 14,
  caustic: 7,
  sulfur: 28,
  leach: 2,
  heat: 14,
  seedlings: 28,
}

/** What has to wait longest after mixing: waits run side by side. */
export function longestWait(recipe: Recipe, options: ScheduleOptions) {
  const kindOf = (id: string) => options.amendments?.find((row) => row.id === id)?.kind
  type Waits = keyof typeof WAIT_DAYS
  const reasons: Waits[] = [
    ...recipe.parts.flatMap(({ role }): Waits[] => (role === 'compost' ? ['compost'] : [])),
    ...recipe.doses.flatMap(({ id, role, apart }): Waits[] => {
      if (apart || role === 'mineral') return []
      if (role === 'lime' || role === 'sulfur') return [role]
      return kindOf(id) === 'coated fertilizer' ? [] : ['organic']
    }),
  ]
  const longest = reasons.sort((a, b) => WAIT_DAYS[b] - WAIT_DAYS[a])[0]
  return { reason: longest ?? null, days: longest ? WAIT_DAYS[longest] : 0 }
}
