import type { PGlite } from '@electric-sql/pglite'
import { gardenTables } from './gardenTables'

/** Rows of every table that is there, by its name: each was read once. */
export type GardenCheck = Readonly<Record<string, number>>

/**
 * Reads through all tables of a garden; a table that a later version adds may be missing.
 * @throws when a table that is there cannot be read
 */
export async function checkGarden(client: Pick<PGlite, 'query'>): Promise<GardenCheck> {
  // The text of each row is made, so that every value is really read.
  return countEach(
    client,
    (table) => `select count(*)::int as count, sum(length("${table}"::text)) from "${table}"`,
  )
}

/** The same without reading what stands in the rows. */
export async function countRows(client: Pick<PGlite, 'query'>): Promise<GardenCheck> {
  return countEach(client, (table) => `select count(*)::int as count from "${table}"`)
}

async function countEach(
  client: Pick<PGlite, 'query'>,
  count: (table: string) => string,
): Promise<GardenCheck> {
  const { rows } = await client.query<{ name: string }>(
    `select tablename as name from pg_tables where schemaname = 'public'`,
  )
  const there = new Set(rows.map(({ name }) => name))
  const counts: Record<string, number> = {}
  for (const table of gardenTables().filter((name) => there.has(name))) {
    const found = await client.query<{ count: number }>(count(table))
    counts[table] = found.rows[0]?.count ?? 0
  }
  return counts
}
