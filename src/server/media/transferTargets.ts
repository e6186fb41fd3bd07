import { listContainers } from '../../data/containers'
import { findLotNames } from '../../data/media'
import { readSite } from '../../data/site'
import type { TransferTargets } from '../../messages/media/transfers'
import type { OpenDatabase } from '../database'
import { readCardFacts } from '../lots'
import { readTables } from '../tables'

/** A list anyone still looks through. */
const MOST_LOTS = 30
const MOST_POTS = 200

/** Where litres of a lot can go: other lots by their names, with what is in them, and pots that stand empty. */
export async function transferTargets(
  db: OpenDatabase,
  lotId: number,
  find: string,
): Promise<TransferTargets> {
  const { rows, total } = await findLotNames(db, find, MOST_LOTS + 1)
  const ids = rows.map(({ id }) => id).filter((id) => id !== lotId)
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const facts = await readCardFacts(db, tables, ids.slice(0, MOST_LOTS))
  const empty = (await listContainers(db)).filter((pot) => pot.lotId === null)
  return {
    lots: facts.map(({ lot, where, containers }) => ({
      id: lot.id,
      name: lot.name,
      where,
      litres: lot.contents.litres,
      roomLitres:
        containers.length === 0 ? null : containers.reduce((sum, { litres }) => sum + litres, 0),
    })),
    lotsTotal: Math.max(0, total - 1),
    pots: empty
      .slice(0, MOST_POTS)
      .map(({ id, code, name, place, litres }) => ({ id, code, name, place, litres })),
  }
}
