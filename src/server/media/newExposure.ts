import type { Exposure } from '../../core/season'
import { changeExposure, requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { Conflict } from '../../data/errors'
import { readLot, tellLotChanged } from '../../data/media'

/** Corrects how much sun and wind reaches a lot's containers. @returns what it was before */
export async function newExposure(
  db: Database,
  lotId: number,
  exposure: Exposure,
): Promise<{ readonly before: Exposure }> {
  const { containerIds } = await readLot(db, lotId)
  const [first] = await requireContainers(db, containerIds)
  if (!first) throw new Conflict('This lot stands in no container.')
  await changeExposure(db, containerIds, exposure)
  await tellLotChanged(db, lotId)
  return { before: first.exposure }
}
