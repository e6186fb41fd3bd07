import type { StoredContainer } from '../../data/containers'
import type { Database } from '../../data/database'
import type { GoingOn } from '../../messages/containers/goingOn'
import type { Tables } from '../lots'
import { fillChoices } from './fillPot'

/** So many pots are offered; any other can be named by its code. */
const NEAREST = 30
/** What is scratched in between plants that stay, the usual first. */
const DRESSINGS = ['compost', 'bagged mix', 'coarse organic', 'organic base', 'aggregate']

/** What plants can go on with: empty pots larger than theirs, what fills them up, what is laid on top. */
export async function goingOn(
  db: Database,
  { litres }: StoredContainer,
  { containersById, materials }: Tables,
): Promise<GoingOn> {
  const pots = [...containersById.values()]
    .filter((pot) => pot.lotId === null && pot.litres > litres)
    .sort((a, b) => a.litres - b.litres)
    .slice(0, NEAREST)
  return {
    pots: pots.map(({ code, name, litres }) => ({ code, name, litres })),
    choices: await fillChoices(db),
    materials: DRESSINGS.flatMap((group) =>
      [...materials.values()]
        .filter((material) => material.group === group)
        .map(({ id, name }) => ({ id, name })),
    ),
  }
}
