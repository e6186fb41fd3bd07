import type { RungId } from '../../../core/recondition'

/** What the ways to go on are called. */
export const wayNames: Readonly<Record<RungId, string>> = {
  'as-is': 'As it is',
  'part-fresh': 'Part fresh mix',
  compost: 'Compost only',
  full: 'Full',
  replace: 'Replace',
}
