import type { PGlite } from '@electric-sql/pglite'

/** As the engine's own rule has it where it runs with helpers; here it runs alone and nobody does this for it. */
const CHANGED_ROWS = 50
const CHANGED_SHARE = 0.1

/**
 * Frees what was overwritten and counts the rows anew of tables that have changed much since that was last done: without
 * it a grown garden is searched as if it were small.
 * @returns the tables that were tidied
 */
export async function tidyTables(client: PGlite): Promise<readonly string[]> {
  const { rows } = await client.query<{ name: string }>(
    `select relname as name from pg_stat_user_tables
     where schemaname = 'public'
       and greatest(n_mod_since_analyze, n_dead_tup) > $1 + $2::double precision * n_live_tup`,
    [CHANGED_ROWS, CHANGED_SHARE],
  )
  // One at a time: requests get their turn in between.
  for (const { name } of rows) await client.exec(`vacuum (analyze) "${name}"`)
  return rows.map(({ name }) => name)
}
