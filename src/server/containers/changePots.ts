import { type CommonChange, changeContainers, requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { inTransaction } from '../../data/inTransaction'
import { tellLotChanged } from '../../data/media'
import type { ChangeMany, PutBackMany } from '../../messages/containers/manyPots'
import { Refused } from '../problem'

/**
 * Changes many pots alike; the lots in them are worked out anew.
 * @returns how each was before
 * @throws Refused where nothing is to be changed
 */
export async function changePots(
  db: Database,
  { ids, place, name, exposure }: ChangeMany,
): Promise<{ readonly before: PutBackMany['pots'] }> {
  const change: CommonChange = {
    ...(place.trim() ? { place: place.trim() } : {}),
    ...(name.trim() ? { name: name.trim() } : {}),
    ...(exposure ? { exposure } : {}),
  }
  if (Object.keys(change).length === 0) {
    const message = 'Say what is to be changed: the place, the name, or sun and wind.'
    throw new Refused(422, 'not-valid', message, [{ field: 'place', message }])
  }
  return inTransaction(db, async (tx) => {
    const { before, lotIds } = await changeContainers(tx, ids, change)
    for (const lotId of lotIds) await tellLotChanged(tx, lotId)
    return { before }
  })
}

/** Puts many pots back as each of them was, all or none. */
export async function putPotsBack(db: Database, { pots }: PutBackMany): Promise<void> {
  await requireContainers(
    db,
    pots.map(({ id }) => id),
  )
  await inTransaction(db, async (tx) => {
    for (const { id, ...as } of pots) {
      const { lotIds } = await changeContainers(tx, [id], as)
      for (const lotId of lotIds) await tellLotChanged(tx, lotId)
    }
  })
}
