import { areaAt, heightForVolume } from '../../core/containers'
import { topDressing } from '../../core/season'
import { requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { readLot } from '../../data/media'
import { readSite } from '../../data/site'
import type { DressAnswer, DressBody } from '../../messages/containers/goingOn'
import { readLotFacts, refuseLimeIn } from '../lots'
import { newEntry } from '../media'
import { refuseField } from '../problem'
import { readTables } from '../tables'

/**
 * A layer scratched in between plants that stay: its litres for the surface of this pot, booked into its lot.
 * @throws Refused for what is no material, where it would stand above the rim, or brings lime to what does not bear it
 */
export async function topDress(
  db: Database,
  containerId: number,
  { materialId, depthCm, despite = '', check }: DressBody,
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
  if (check && despite.trim() === '') await refuseLime(db, pot.lotId, materialId)
  if (!check) {
    const note = `Top-dressing of ${pot.code}, ${depthCm} cm`
    await newEntry(db, pot.lotId, { kind: 'topped-up', materialId, litres, note, despite }, at)
  }
  return { litres }
}

/** Told already where it is only looked at. @throws Refused 422 "limed" */
async function refuseLime(db: Database, lotId: number, materialId: string): Promise<void> {
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const material = tables.materials.get(materialId)
  if (!material) return
  const facts = await readLotFacts(db, tables, lotId)
  const components = [{ material, parts: 1 }]
  await refuseLimeIn(db, facts, tables, { what: material.name, components })
}
