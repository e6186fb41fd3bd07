import { eq, sql } from 'drizzle-orm'
import { among } from '../among'
import type { Database } from '../database'
import { lots } from './lotTables'
import { lotsReached, type ReachedBy, reachedState } from './workedOutTables'

/** What reaches these lots from others; those that nothing reaches are left out. */
export async function reachedLots(
  db: Database,
  ids: readonly number[],
): Promise<ReadonlyMap<number, readonly ReachedBy[]>> {
  if (ids.length === 0) return new Map()
  const rows = await db.select().from(lotsReached).where(among(lotsReached.lotId, ids))
  return new Map(rows.map(({ lotId, found }) => [lotId, found]))
}

/** What everything that is written there was worked out from; null where it never was. */
export async function reachedStamp(db: Database): Promise<string | null> {
  const [row] = await db.select().from(reachedState).where(eq(reachedState.id, 1))
  return row?.stamp ?? null
}

/**
 * Writes what reaches each lot, and raises the version of those for which it changed: whoever shows them is told.
 * @returns the lots for which it changed
 */
export async function writeReached(
  db: Database,
  found: ReadonlyMap<number, readonly ReachedBy[]>,
  stamp: string,
): Promise<number[]> {
  const before = new Map((await db.select().from(lotsReached)).map((row) => [row.lotId, row.found]))
  const ids = new Set([...before.keys(), ...found.keys()])
  const changed = [...ids].filter(
    (id) => JSON.stringify(before.get(id) ?? []) !== JSON.stringify(found.get(id) ?? []),
  )
  if (changed.length > 0) {
    await db
      .insert(lotsReached)
      .values(changed.map((lotId) => ({ lotId, found: found.get(lotId) ?? [] })))
      .onConflictDoUpdate({ target: lotsReached.lotId, set: { found: sql`excluded.found` } })
    await db
      .update(lots)
      .set({ version: sql`${lots.version} + 1` })
      .where(among(lots.id, changed))
  }
  await db
    .insert(reachedState)
    .values({ id: 1, stamp })
    .onConflictDoUpdate({ target: reachedState.id, set: { stamp } })
  return changed
}
