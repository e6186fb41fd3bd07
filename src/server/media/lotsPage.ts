import { isSouthern } from '../../core/season'
import { listLots } from '../../data/media/lots'
import { listWorkOrders } from '../../data/recondition/workOrders'
import { readSite } from '../../data/site/site'
import type { LotsPage } from '../../messages/media/lots'
import type { OpenDatabase } from '../database'
import { readTables } from '../tables'
import { lotFacts } from './lotFacts'
import { lotRow } from './lotRow'

export async function lotsPage(db: OpenDatabase, place: string | null = null): Promise<LotsPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const lots = await listLots(db)
  const orders = await listWorkOrders(db)
  const all = lots.map((lot) =>
    lotRow(
      lotFacts(lot, tables),
      orders.find(({ lotId, state }) => lotId === lot.id && state === 'open') ?? null,
    ),
  )
  const rows = place === null ? all : all.filter(({ where }) => where.split(', ').includes(place))
  const litres = (inPots: boolean) =>
    rows
      .filter(({ roomLitres }) => (roomLitres !== null) === inPots)
      .reduce((sum, row) => sum + row.litres, 0)
  return {
    place,
    site: {
      timeZone: site.timeZone,
      southern: isSouthern(site.latitudeDeg),
      version: site.version,
    },
    lots: rows,
    inPotsLitres: litres(true),
    inStoreLitres: litres(false),
    litreInnings: rows.reduce((sum, row) => sum + row.litres * row.innings.length, 0),
  }
}
