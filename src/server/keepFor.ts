import type { Database } from '../data/database'
import { isTransaction } from '../data/kept'

interface Kept<Value> {
  readonly stamp: string
  readonly value: Value
}

/** What was worked out of rows, kept in the process as long as its stamp is the same. */
export interface Keeper<Key, Value> {
  readonly read: (db: Database, key: Key, stamp: string) => Value | undefined
  readonly write: (db: Database, key: Key, stamp: string, value: Value) => void
}

/**
 * Keeps up to `most` values of each database; the longest kept go first. Within a transaction nothing is kept: it may
 * be undone.
 */
export function keepFor<Key, Value>(most: number): Keeper<Key, Value> {
  const keptBy = new WeakMap<object, Map<Key, Kept<Value>>>()
  return {
    read(db, key, stamp) {
      if (isTransaction(db)) return undefined
      const kept = keptBy.get(db)?.get(key)
      return kept?.stamp === stamp ? kept.value : undefined
    },
    write(db, key, stamp, value) {
      if (isTransaction(db)) return
      const values = keptBy.get(db) ?? new Map<Key, Kept<Value>>()
      keptBy.set(db, values)
      values.delete(key)
      values.set(key, { stamp, value })
      const [oldest] = values.keys()
      if (values.size > most && oldest !== undefined) values.delete(oldest)
    },
  }
}
