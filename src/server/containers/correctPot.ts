import { type ContainerShape, containerVolume } from '../../core/containers'
import { containersOfLot, correctContainer, requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { readLot, tellLotChanged } from '../../data/media'
import { readSite } from '../../data/site'
import type { PotCorrected, PotCorrection } from '../../messages/containers/pots'
import { MEASURED_TO, readLotFacts } from '../lots'
import { refuseField } from '../problem'
import { readTables } from '../tables'
import { shapeWithFiller } from './shapeWithFiller'

/**
 * Puts the size, place or name of a pot right, and tells what follows for the mix in it.
 * @throws Refused where the mix that stands in it would not go in
 */
export async function correctPot(
  db: Database,
  id: number,
  correction: PotCorrection,
): Promise<PotCorrected> {
  const { headspaceCm } = correction
  if (headspaceCm >= correction.shape.heightCm) {
    refuseField('headspaceCm', 'The gap to the rim is as high as the pot: nothing would fit in.')
  }
  const [container] = await requireContainers(db, [id])
  const lotId = container?.lotId ?? null
  const fillerCm = correction.fillerCm ?? container?.fillerCm ?? 0
  const shape = shapeWithFiller(correction.shape, fillerCm, headspaceCm)
  if (lotId !== null) await requireRoom(db, lotId, id, shape)
  await correctContainer(db, id, { ...correction, fillerCm })
  const litres = containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm })
  if (lotId === null) return { litres, air: null }
  await tellLotChanged(db, lotId)
  const { timeZone } = await readSite(db)
  const { air } = await readLotFacts(db, await readTables(db, timeZone), lotId)
  return { litres, air: air?.value ?? null }
}

/** What stands in a lot's pots has to go in to their rims. */
async function requireRoom(
  db: Database,
  lotId: number,
  id: number,
  shape: ContainerShape,
): Promise<void> {
  const { contents } = await readLot(db, lotId)
  const pots = await requireContainers(db, await containersOfLot(db, lotId))
  const rim = pots.reduce(
    (sum, pot) => sum + containerVolume({ shape: pot.id === id ? shape : pot.shape }),
    0,
  )
  if (contents.litres <= rim * MEASURED_TO) return
  refuseField(
    'shape.heightCm',
    `${contents.litres.toFixed(1)} L stand in it by the ledger; of that size it would hold ${rim.toFixed(1)} L to the rim. Measure again, or enter what was lost first.`,
  )
}
