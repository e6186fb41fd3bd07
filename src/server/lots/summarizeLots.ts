import type { Database } from '../../data/database'
import { inTransaction } from '../../data/inTransaction'
import {
  type LotSummary,
  listLotSummaries,
  listStaleLots,
  writeLotSummaries,
} from '../../data/media'
import { readSite } from '../../data/site'
import { readTables } from '../tables'
import type { CardFacts, Tables } from './lotFacts'
import { restingState } from './lotFinding'
import { freshCardFacts, readCardFacts } from './readLotFacts'
import { refreshReached } from './refreshReached'

/** So many lots are read at once. */
const AT_ONCE = 20
/** In the round over all lots, for which nobody waits. */
const IN_ROUND_AT_ONCE = 4

/** Writes what lists are sorted and narrowed by of every lot that was changed; part of the transaction that changed it. */
export async function summarizeChangedLots(db: Database): Promise<void> {
  const tables = await tablesOf(db)
  await refreshReached(db, tables)
  const stale = await listStaleLots(db)
  if (stale.length === 0) return
  for (const ids of inPieces(stale)) await writeLotSummaries(db, await workOut(db, tables, ids))
}

/**
 * The same for all lots: a new version of the program, or another table of materials, may see them differently.
 * @param mayGoOn asked before every few lots; comes back when requests have had their turn
 */
export async function summarizeAllLots(
  db: Database,
  mayGoOn: () => Promise<boolean>,
): Promise<void> {
  const written = await listLotSummaries(db)
  const tables = await tablesOf(db)
  const known = new Map(written.map((one) => [one.lotId, one]))
  for (const ids of inPieces([...known.keys()], IN_ROUND_AT_ONCE)) {
    if (!(await mayGoOn())) return
    const fresh = (await freshCardFacts(db, tables, ids)).map((facts) => summaryOf(facts, tables))
    const changed = fresh.filter((one) => !isSame(one, known.get(one.lotId)))
    if (changed.length > 0) await inTransaction(db, (tx) => writeLotSummaries(tx, changed))
  }
}

async function tablesOf(db: Database): Promise<Tables> {
  return readTables(db, (await readSite(db)).timeZone)
}

async function workOut(db: Database, tables: Tables, ids: readonly number[]) {
  return (await readCardFacts(db, tables, ids)).map((facts) => summaryOf(facts, tables))
}

function summaryOf(facts: CardFacts, tables: Tables): LotSummary {
  return {
    lotId: facts.lot.id,
    lotVersion: facts.lot.version,
    state: restingState(facts, tables),
    isInPots: facts.lot.containerIds.length > 0,
    litres: facts.lot.contents.litres,
    inningsCount: facts.lot.innings.length,
    litreInnings: facts.lot.innings.reduce(
      (sum, { litres }) => sum + (litres ?? facts.lot.contents.litres),
      0,
    ),
    airFraction: facts.air?.value ?? null,
    ph: facts.ph?.value ?? null,
  }
}

function isSame(a: LotSummary, b: LotSummary | undefined): boolean {
  return (
    b !== undefined &&
    a.lotVersion === b.lotVersion &&
    a.state === b.state &&
    a.isInPots === b.isInPots &&
    a.litres === b.litres &&
    a.inningsCount === b.inningsCount &&
    a.litreInnings === b.litreInnings &&
    a.airFraction === b.airFraction &&
    a.ph === b.ph
  )
}

function inPieces(ids: readonly number[], atOnce = AT_ONCE): number[][] {
  return Array.from({ length: Math.ceil(ids.length / atOnce) }, (_, piece) =>
    ids.slice(piece * atOnce, (piece + 1) * atOnce),
  )
}
