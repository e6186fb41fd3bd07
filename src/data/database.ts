import type { PgliteDatabase } from 'drizzle-orm/pglite'
import type * as schema from './schema'

/** The open database, or a transaction on it: repositories take either. */
export type Database = Pick<
  PgliteDatabase<typeof schema>,
  | 'select'
  | 'selectDistinctOn'
  | 'insert'
  | 'update'
  | 'delete'
  | 'execute'
  | 'transaction'
  | '$count'
>
