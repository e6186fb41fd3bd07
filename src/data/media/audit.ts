import { desc, isNull, sql } from 'drizzle-orm'
import type { LedgerKind } from '../../core/media'
import type { Database } from '../database'
import { ledgerEntries, lotTransfers } from './lotTables'

/** Litres of one kind of entry in one year; what was reversed is left out, with its reversal. */
export interface KindSum {
  readonly kind: LedgerKind
  readonly year: number
  readonly litres: number
  /** Of that what came in. */
  readonly came: number
}

const standing = sql`${ledgerEntries.reversesId} is null and ${ledgerEntries.id} not in (select reversal.reverses_id from ledger_entries as reversal where reversal.reverses_id is not null)`

/** Years that entries may be of. Looked up among their first moments, which is four times as fast as asking each entry. */
const YEARS = { from: 1970, to: 2200 } as const

/** What every entry of every lot adds up to. */
export async function sumsByKind(db: Database, timeZone: string): Promise<KindSum[]> {
  const starts = sql`array(select make_date(year, 1, 1)::timestamp at time zone ${timeZone} from generate_series(${YEARS.from}::integer, ${YEARS.to}::integer) as year)`
  const year = sql<number>`${YEARS.from}::integer - 1 + width_bucket(${ledgerEntries.at}, ${starts})`
  return (
    db
      .select({
        kind: ledgerEntries.kind,
        year: year.mapWith(Number),
        litres: sql<number>`sum(${ledgerEntries.litres})`.mapWith(Number),
        came: sql<number>`sum(greatest(${ledgerEntries.litres}, 0))`.mapWith(Number),
      })
      .from(ledgerEntries)
      .where(standing)
      // By its place: the zone would be another parameter here.
      .groupBy(ledgerEntries.kind, sql`2`)
  )
}

/** Lots whose litres, added up over their ledger, are not those of their materials. */
export async function unbalancedLots(
  db: Database,
): Promise<{ readonly lotId: number; readonly byEntries: number; readonly byMaterials: number }[]> {
  const { rows } = await db.execute<{ lot: number; entries: number; materials: number }>(sql`
    select entries.lot_id as lot, entries.litres as entries, coalesce(contents.litres, 0) as materials
    from (select lot_id, sum(litres) as litres from ledger_entries group by lot_id) as entries
    left join (select lot_id, sum(litres) as litres from lot_contents group by lot_id) as contents
      on contents.lot_id = entries.lot_id
    where abs(entries.litres - coalesce(contents.litres, 0)) > 0.000001
    order by entries.lot_id`)
  return rows.map(({ lot, entries, materials }) => ({
    lotId: Number(lot),
    byEntries: Number(entries),
    byMaterials: Number(materials),
  }))
}

/** Litres that are there, in lots that were not put away and in those that were. */
export async function litresThere(
  db: Database,
): Promise<{ readonly inUse: number; readonly putAway: number }> {
  const { rows } = await db.execute<{ in_use: number; put_away: number }>(sql`
    select coalesce(sum(litres) filter (where lots.put_away_at is null), 0) as in_use,
      coalesce(sum(litres) filter (where lots.put_away_at is not null), 0) as put_away
    from lot_contents join lots on lots.id = lot_contents.lot_id`)
  return { inUse: Number(rows[0]?.in_use ?? 0), putAway: Number(rows[0]?.put_away ?? 0) }
}

/** What went from lot to lot last. */
export async function newestTransfers(db: Database, limit: number) {
  return db
    .select({
      id: lotTransfers.id,
      at: lotTransfers.at,
      litres: lotTransfers.litres,
      fromLotId: lotTransfers.fromLotId,
      toLotId: lotTransfers.toLotId,
      despite: lotTransfers.despite,
      fromName: sql<string>`(select name from lots where lots.id = ${lotTransfers.fromLotId})`,
      toName: sql<string>`(select name from lots where lots.id = ${lotTransfers.toLotId})`,
    })
    .from(lotTransfers)
    .where(isNull(lotTransfers.undoneAt))
    .orderBy(desc(lotTransfers.at), desc(lotTransfers.id))
    .limit(limit)
}
