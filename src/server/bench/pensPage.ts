import { listPens } from '../../data/bench'
import { readSite } from '../../data/site'
import type { PensPage } from '../../messages/bench/benchViews'
import type { OpenDatabase } from '../database'
import { penView } from './views'

/** All pens with their logs, and the water that meters are read in. */
export async function pensPage(db: OpenDatabase, at: Date): Promise<PensPage> {
  const { timeZone, tapWater, version } = await readSite(db)
  const pens = (await listPens(db)).map((pen) => penView(pen, at, timeZone))
  return { pens, tapWater, siteVersion: version }
}
