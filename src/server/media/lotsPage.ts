import { isSouthern } from '../../core/season'
import { findLots } from '../../data/media'
import { readOpenOrders } from '../../data/recondition'
import { readSite } from '../../data/site'
import type { LotsQuery } from '../../messages/media/lots'
import type { LotsPage } from '../../messages/media/lotViews'
import type { OpenDatabase } from '../database'
import { partOf } from '../listPart'
import { lotOrderOf, lotRow, readCardFacts } from '../lots'
import { readTables } from '../tables'

/** A page of the lots, sorted and narrowed as asked for. */
export async function lotsPage(db: OpenDatabase, asked: LotsQuery = {}): Promise<LotsPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const { place = null, state, order, find = '', page } = asked
  const { ids, part, ...sums } = await partOf(page, (at) =>
    findLots(db, {
      find,
      place,
      ...lotOrderOf(order),
      ...(state ? { states: [state] } : {}),
      ...at,
    }),
  )
  const orders = await readOpenOrders(db, ids)
  const facts = await readCardFacts(db, tables, ids)
  return {
    asked,
    part,
    site: {
      timeZone: site.timeZone,
      southern: isSouthern(site.latitudeDeg),
      version: site.version,
    },
    lots: facts.map((one) => lotRow(one, tables, orders.get(one.lot.id) ?? null)),
    inPotsLitres: sums.inPotsLitres,
    inStoreLitres: sums.inStoreLitres,
    litreInnings: sums.litreInnings,
  }
}
