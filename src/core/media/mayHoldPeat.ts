import type { Material } from './material'

/** Peat, and moss that is cut on the same bogs; by what its row says of it, since anybody may add a material. */
const FROM_BOGS = /peat(?![- ]free)|sphagnum/i

/** Whether a material is from a bog, or a bag that may hold peat unless it says it does not. */
export function mayHoldPeat({
  id,
  name,
  note,
  group,
}: Pick<Material, 'id' | 'name' | 'note' | 'group'>): boolean {
  const said = `${id} ${name} ${note ?? ''}`
  if (/peat[- ]free/i.test(said)) return false
  return group === 'bagged mix' || FROM_BOGS.test(said)
}
