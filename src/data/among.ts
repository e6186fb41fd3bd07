import { type SQL, sql } from 'drizzle-orm'
import type { AnyPgColumn } from 'drizzle-orm/pg-core'

/**
 * That a column holds one of these ids, told as one list: a parameter for each of a thousand pots would take longer to
 * write down than to look up.
 */
export function among(column: AnyPgColumn, ids: Iterable<number>): SQL {
  return sql`${column} = any(${`{${[...ids].join(',')}}`}::integer[])`
}
