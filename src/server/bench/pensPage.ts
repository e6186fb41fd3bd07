import { listPens } from '../../data/bench/pens'
import { readSite } from '../../data/site/site'
import type { PenView } from '../../messages/bench/benchViews'
import type { OpenDatabase } from '../database'
import { penView } from './views'

/** All pens with their logs. */
export async function pensPage(db: OpenDatabase, at: Date): Promise<PenView[]> {
  const { timeZone } = await readSite(db)
  return (await listPens(db)).map((pen) => penView(pen, at, timeZone))
}
