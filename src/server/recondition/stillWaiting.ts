import { findLotIds, readLotStocks } from '../../data/media'
import type { RowsAsked, StandingRows } from '../../messages/list'
import { WAITING_STATES } from '../../messages/recondition/turnover'
import type { OpenDatabase } from '../database'
import { numbersIn } from '../numbersIn'

/** Those of some lots that still wait for their turnover, and what is left of each. */
export async function stillWaiting(db: OpenDatabase, { ids }: RowsAsked): Promise<StandingRows> {
  const asked = numbersIn(ids)
  if (asked.length === 0) return { rows: [] }
  const waiting = await findLotIds(db, {
    ids: asked,
    states: WAITING_STATES,
    offset: 0,
    limit: asked.length,
  })
  const rows = await readLotStocks(db, waiting)
  return { rows: rows.map(({ id, litres }) => ({ id, litres })) }
}
