import { containerVolume } from '../../core/containers'
import { blendMedia, componentShares } from '../../core/media'
import {
  CLEANING_LOSS,
  DEFAULT_LIMITS,
  finishBatch,
  leachOldMix,
  lotComponents,
  predictMix,
} from '../../core/recondition'
import type { StoredContainer } from '../../data/containers'
import type { Database } from '../../data/database'
import { NotFound } from '../../data/errors'
import { type Finish, finishWorkOrder, type WorkOrder } from '../../data/recondition'
import { readSite } from '../../data/site'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { MEASURED_TO, readLotFacts } from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { recipeInput, stockOf } from './buildRecipe'

/** Finishes a turnover: what was really measured out becomes the lot's next innings, in one transaction. */
export function finishOrder(db: OpenDatabase, orderId: number, at: Date) {
  return finishWorkOrder(db, orderId, (order, tx) => account(order, tx, at))
}

async function account(order: WorkOrder, db: Database, at: Date): Promise<Finish> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const facts = await readLotFacts(db, tables, order.lotId)
  const crop = tables.crops.get(order.intake.cropId)
  const container = tables.containers
    .filter(({ id }) => order.intake.containerIds.includes(id))
    .sort((a, b) => a.fillHeightCm - b.fillHeightCm)[0]
  if (!crop || !container) throw new NotFound('The crop or the container was put away meanwhile.')

  const amounts = order.steps.flatMap((step) => step.amounts)
  const used = (unit: 'L' | 'g') =>
    amounts
      .filter((amount) => amount.unit === unit)
      .map((amount) => ({ ...amount, value: amount.actual ?? amount.planned }))
  const old = lotComponents(facts.components, { ...facts.measured, ...facts.measuredWater })
  const oldMix =
    order.recipe.leachLitres > 0
      ? leachOldMix(old, crop, container, site.tapWater.ecDsPerM).components
      : old
  const components = used('L').flatMap(({ id, role, value }) => {
    if (role === 'lot') {
      return oldMix.map((component) => ({ ...component, parts: component.parts * value }))
    }
    const material = tables.materials.get(id)
    return material ? [{ material, parts: value }] : []
  })
  componentShares(components)
  const { volumeYield } = blendMedia({ components })
  const batch = finishBatch({
    before: facts.lot.contents,
    litresFound: order.intake.litresNow,
    cleaningLossShare: CLEANING_LOSS[order.intake.rootMass],
    settlingShare: DEFAULT_LIMITS.settlingShare,
    volumeYield,
    amounts,
  })
  requireRoomForBatch(batch.after.litres, order, tables.containers)
  const stock = await stockOf(db)
  const mixLitres = used('L').reduce((sum, { value }) => sum + value, 0) * volumeYield
  const doses = used('g').flatMap(({ id, value }) => {
    const row = stock.amendments.find(({ amendment }) => amendment.id === id)
    return row && value > 0 ? [{ amendment: row.amendment, gPerL: value / mixLitres }] : []
  })
  const { season } = recipeInput(facts, order.intake, crop, container, stock, site, at)
  const predicted = predictMix({
    components,
    doses,
    crop,
    container: { shape: container.shape, fillHeightCm: container.fillHeightCm },
    season,
    cost: order.recipe.cost,
    settledLitres: batch.after.litres,
  })
  return {
    batch,
    predicted,
    at,
    startedOn: dayAt(site.timeZone, at),
    leftoverName: `${facts.lot.name}, left over`,
    leftoverBin: 'Store',
  }
}

/** A heap that was noted at a step by a slip of the finger is not booked into a pot. */
function requireRoomForBatch(
  litres: number,
  { intake }: WorkOrder,
  containers: readonly StoredContainer[],
): void {
  const rim = containers
    .filter(({ id }) => intake.containerIds.includes(id))
    .reduce((sum, { shape }) => sum + containerVolume({ shape }), 0)
  if (litres <= rim * MEASURED_TO) return
  throw new Refused(
    422,
    'too-much',
    `By what was noted as really used ${litres.toFixed(0)} L of mix were made; the containers hold ${rim.toFixed(0)} L to the rim. Correct the amounts at their steps.`,
  )
}
