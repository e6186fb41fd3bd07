import { type SQL, type SQLWrapper, sql } from 'drizzle-orm'

/** What names are sorted by in a table: small letters, and every number filled up, so that P9 stands before P10. */
export function naturally(name: SQLWrapper): SQL {
  const filled = sql`regexp_replace(lower(${name}), '(\\d+)', '0000000000000000\\1', 'g')`
  return sql`regexp_replace(${filled}, '\\d*(\\d{16})(?!\\d)', '\\1', 'g')`
}
