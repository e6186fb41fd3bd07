import { is } from 'drizzle-orm'
import { PgTransaction } from 'drizzle-orm/pg-core'
import type { Database } from './database'

/** What changes rarely and is asked for by almost every page. */
const TOPICS = [
  'site',
  'materials',
  /** What is on the shelf, and what it cost: rows of materials too, but nothing is worked out of them. */
  'stock',
  'amendments',
  'crops',
  'problems',
  'containers',
  'pens',
  'kit',
  /** What tests made of mixes. */
  'mix-tests',
] as const
export type KeptTopic = (typeof TOPICS)[number]

// One count a process: what starts the server and what answers are bundled apart, each with a copy of this file.
const GENERATIONS = Symbol.for('innings.generations')
const shared = globalThis as { [GENERATIONS]?: Map<KeptTopic, number> }
shared[GENERATIONS] ??= new Map()
const generations = shared[GENERATIONS]

/**
 * A reader of rows that are kept in the process until the repository that writes them forgets them.
 *
 * Inside a transaction the rows are read anew: it may have written them itself, and may still be undone. The engine
 * lets nobody else read while a transaction is open, so a reader that comes after `forget` sees what was written.
 */
export function keep<Rows>(
  topics: KeptTopic | readonly KeptTopic[],
  read: (db: Database) => Promise<Rows>,
): (db: Database) => Promise<Rows> {
  const keptBy = new WeakMap<object, { generation: number; rows: Promise<Rows> }>()
  return (db) => {
    if (isTransaction(db)) return read(db)
    const kept = keptBy.get(db)
    const generation = generationOf(...[topics].flat())
    if (kept?.generation === generation) return kept.rows
    const rows = read(db)
    keptBy.set(db, { generation, rows })
    // A reading that failed is tried again by the next who asks.
    rows.catch(() => keptBy.delete(db))
    return rows
  }
}

/** Called by the repository that writes the rows, before it writes. */
export function forget(topic: KeptTopic): void {
  generations.set(topic, generationOf(topic) + 1)
}

/** For those who write around the repositories: filling a new garden, putting a test's garden back. */
export function forgetAll(): void {
  for (const topic of TOPICS) forget(topic)
}

/** Raised each time rows of one of the topics are written. */
export function generationOf(...topics: readonly KeptTopic[]): number {
  return topics.reduce((sum, topic) => sum + (generations.get(topic) ?? 0), 0)
}

export function isTransaction(db: Database): boolean {
  return is(db, PgTransaction)
}
