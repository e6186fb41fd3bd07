import { areaAt, heightForVolume } from '../../core/containers'
import { topDressing } from '../../core/season'
import { requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { readLot } from '../../data/media'
import type { DressAnswer, DressBody } from '../../messages/containers/goingOn'
import { newEntry } from '../media'
import { refuseField } from '../problem'

/**
 * A layer scratched in between plants that stay: its litres for the surface of this pot, booked into its lot.
 * @throws Refused for what is no material, or where it would stand above the rim
 */
export async function topDress(
  db: Database,
  containerId: number,
  { materialId, depthCm, check }: DressBody,
  at: Date,
): Promise<DressAnswer> {
  const [pot] = await requireContainers(db, [containerId])
  if (pot?.lotId == null) return refuseField('materialId', 'There is no mix in this pot.')
  const { contents, containerIds } = await readLot(db, pot.lotId)
  const pots = await requireContainers(db, containerIds)
  const room = pots.reduce((sum, { litres }) => sum + litres, 0)
  const standing = Math.min(pot.litres, (contents.litres * pot.litres) / room)
  const zCm = heightForVolume({ shape: pot.shape, litres: standing })
  const litres = topDressing(areaAt({ shape: pot.shape, zCm }), depthCm)
  if (zCm + depthCm > pot.shape.heightCm) {
    refuseField(
      'depthCm',
      `The mix stands ${(pot.shape.heightCm - zCm).toFixed(1)} cm below the rim: not so thick.`,
    )
  }
  if (!check) {
    const note = `Top-dressing of ${pot.code}, ${depthCm} cm`
    await newEntry(db, pot.lotId, { kind: 'topped-up', materialId, litres, note }, at)
  }
  return { litres }
}
