import type { Database } from '../../src/data/database'
import { summarizeChangedLots } from '../../src/server/lots'
import { drawFrom } from '../../testing/random'
import { growBench } from './growBench'
import { growContainers } from './growContainers'
import { growLots } from './growLots'
import { growMixes } from './growMixes'
import { growOrders } from './growOrders'
import { growTrials } from './growTrials'
import type { GardenSize } from './sizes'

const SEED = 20_261

/** Grows the made-up garden to a size, the same each time; each area adds its own. */
export async function growGarden(db: Database, size: GardenSize, now: Date): Promise<void> {
  const random = drawFrom(SEED)
  await db.transaction(async (tx) => {
    await growContainers(tx, random, size.containers)
    await growMixes(tx, random, size.mixes, now)
    const grown = await growLots(tx, random, size, now)
    await growBench(tx, random, grown, now)
    await growOrders(tx, random, grown, now)
    await growTrials(tx, random, size.trials, now)
    await summarizeChangedLots(tx)
  })
}
