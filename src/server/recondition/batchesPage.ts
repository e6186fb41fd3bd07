import { findLotIds } from '../../data/media'
import { readOpenOrders } from '../../data/recondition'
import { openPlantings } from '../../data/season'
import { readSite } from '../../data/site'
import type { BatchesPage, BatchesQuery } from '../../messages/recondition/batches'
import { WAITING_STATES } from '../../messages/recondition/turnover'
import type { OpenDatabase } from '../database'
import { readCardFacts, triageView } from '../lots'
import { numbersIn } from '../numbersIn'
import { readTables } from '../tables'

const MOST = 200

/** Lots that wait, and those asked for, to be grouped into heaps. */
export async function batchesPage(
  db: OpenDatabase,
  { lots: asked = '' }: BatchesQuery,
): Promise<BatchesPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const chosen = numbersIn(asked)
  const waiting = await findLotIds(db, { find: '', states: WAITING_STATES, offset: 0, limit: MOST })
  const ids = [...new Set([...chosen, ...waiting])]
  const facts = await readCardFacts(db, tables, ids)
  const growing = new Set((await openPlantings(db)).map(({ lotId }) => lotId))
  const orders = new Set((await readOpenOrders(db, ids)).keys())
  const lots = facts
    .filter(({ lot }) => lot.contents.litres > 0)
    .map(({ lot, where, strata, triage }) => ({
      id: lot.id,
      name: lot.name,
      where,
      litres: lot.contents.litres,
      strata,
      triage,
      reasons: triageView(triage, tables)?.reasons ?? [],
      potIds: lot.containerIds,
      stands: growing.has(lot.id)
        ? ('growing' as const)
        : orders.has(lot.id)
          ? ('order' as const)
          : null,
    }))
  const there = new Set(lots.map(({ id }) => id))
  return { lots, chosen: chosen.filter((id) => there.has(id)) }
}
