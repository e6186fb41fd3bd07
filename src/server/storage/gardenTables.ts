import { getTableName, is } from 'drizzle-orm'
import { PgTable } from 'drizzle-orm/pg-core'
import * as schema from '../../data/schema'

/** Names of all tables of a garden, in order. */
export function gardenTables(): string[] {
  return Object.values(schema)
    .flatMap((value) => (is(value, PgTable) ? [getTableName(value)] : []))
    .sort()
}
