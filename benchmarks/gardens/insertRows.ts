import type { PgTable } from 'drizzle-orm/pg-core'
import type { Database } from '../../src/data/database'

/** The engine takes 65,535 values in one statement; a table here has 25 columns at most. */
const AT_ONCE = 1000

/** Writes many rows in few statements. @returns their ids in order, where the table has some */
export async function insertRows<Table extends PgTable>(
  db: Database,
  table: Table,
  rows: readonly Table['$inferInsert'][],
): Promise<number[]> {
  const ids: number[] = []
  for (let from = 0; from < rows.length; from += AT_ONCE) {
    const piece = rows.slice(from, from + AT_ONCE)
    const made = await db
      .insert(table)
      .values(piece as never)
      .returning()
    ids.push(...made.map((row) => Number((row as { id?: number }).id)))
  }
  return ids
}
