import type { Database } from '../database'
import { isTransaction } from '../inTransaction'
import { stampsOf } from './stamps'
import type { Topic } from './topics'

/** More than one only where several gardens are open, or a transaction and what it may undo. */
const MOST_READINGS = 8

interface Kept<Rows> {
  readonly rows: Promise<Rows>
  isRead: boolean
}

/**
 * A reader of rows that are kept in the process for as long as the stamps of the topics they rest on stay as they are. A
 * stamp is never given twice, so that also a transaction may keep what it read: if that is undone, nobody asks for its
 * stamp again.
 */
export function keep<Rows>(
  topics: Topic | readonly Topic[],
  read: (db: Database) => PromiseLike<Rows>,
): (db: Database) => Promise<Rows> {
  const all = [topics].flat()
  const keptBy = new Map<string, Kept<Rows>>()
  return async (db) => {
    const stamp = await stampsOf(db, all)
    const kept = keptBy.get(stamp)
    // A reading still under way outside waits for the end of this very transaction: not to be waited for.
    if (kept && (kept.isRead || !isTransaction(db))) return kept.rows
    // A query asks anew each time it is waited for: what is kept is its answer.
    const made: Kept<Rows> = { rows: Promise.resolve(read(db)), isRead: false }
    keptBy.delete(stamp)
    keptBy.set(stamp, made)
    leaveNewest(keptBy, MOST_READINGS)
    made.rows.then(
      () => {
        made.isRead = true
      },
      // A reading that failed is tried again by the next who asks.
      () => {
        if (keptBy.get(stamp) === made) keptBy.delete(stamp)
      },
    )
    return made.rows
  }
}

/** What was worked out of single rows, by their keys, as far as it still holds. */
interface KeptEach<Key, Value> {
  /** @param version of the row itself */
  readonly read: (key: Key, version: string) => Value | undefined
  readonly write: (key: Key, version: string, value: Value) => void
}

/**
 * Keeps up to `most` values of each garden; the longest kept go first. Within a transaction nothing is kept: a version it
 * gave a row may be undone, and given again.
 * @param topics what they rest on besides the row itself
 */
export function keepEach<Key, Value>(
  topics: readonly Topic[],
  most: number,
): (db: Database) => Promise<KeptEach<Key, Value>> {
  type Values = Map<Key, { readonly stamp: string; readonly value: Value }>
  const keptBy = new WeakMap<object, Values>()
  return async (db) => {
    if (isTransaction(db)) return { read: () => undefined, write: () => {} }
    const stamp = await stampsOf(db, topics)
    const values: Values = keptBy.get(db) ?? new Map()
    keptBy.set(db, values)
    return {
      read(key, version) {
        const kept = values.get(key)
        return kept?.stamp === `${version} ${stamp}` ? kept.value : undefined
      },
      write(key, version, value) {
        values.delete(key)
        values.set(key, { stamp: `${version} ${stamp}`, value })
        leaveNewest(values, most)
      },
    }
  }
}

function leaveNewest(map: Map<unknown, unknown>, most: number): void {
  const [oldest] = map.keys()
  if (map.size > most && oldest !== undefined) map.delete(oldest)
}
