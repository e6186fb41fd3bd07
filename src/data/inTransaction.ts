import { is } from 'drizzle-orm'
import { PgTransaction } from 'drizzle-orm/pg-core'
import type { Database } from './database'

/** Whether what is written there may still be undone. */
export function isTransaction(db: Database): boolean {
  return is(db, PgTransaction)
}

/**
 * Writes all of it or nothing: as part of the transaction it is called in, which is undone as a whole where this fails,
 * else in one of its own. Whoever catches what it throws has to throw it on.
 */
export function inTransaction<Done>(
  db: Database,
  write: (tx: Database) => Promise<Done>,
): Promise<Done> {
  return isTransaction(db) ? write(db) : db.transaction(write)
}
