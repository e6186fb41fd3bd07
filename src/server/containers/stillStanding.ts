import { containersById } from '../../data/containers'
import type { RowsAsked, StandingRows } from '../../messages/list'
import type { OpenDatabase } from '../database'
import { numbersIn } from '../numbersIn'

/** Those of some containers that were not put away, and what each holds when it is full. */
export async function stillStanding(db: OpenDatabase, { ids }: RowsAsked): Promise<StandingRows> {
  const byId = await containersById(db)
  const rows = numbersIn(ids).flatMap((id) => byId.get(id) ?? [])
  return { rows: rows.map(({ id, litres }) => ({ id, litres })) }
}
