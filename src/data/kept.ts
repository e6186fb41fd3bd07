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
  /** What grows now. */
  'plantings',
  'pens',
  'kit',
  /** What tests made of mixes. */
  'mix-tests',
  /** What an update mended and nobody has seen yet. */
  'mends',
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
 * Inside a transaction the rows are read anew: it may have written them itself, and may still be undone. One that was
 * begun with `shareKept` takes and gives what is kept as long as it has forgotten nothing of the topics itself. The
 * engine lets nobody else read while a transaction is open, so a reader that comes after `forget` sees what was written.
 */
export function keep<Rows>(
  topics: KeptTopic | readonly KeptTopic[],
  read: (db: Database) => PromiseLike<Rows>,
): (db: Database) => Promise<Rows> {
  const keptBy = new WeakMap<object, Kept<Rows>>()
  const all = [topics].flat()
  return (db) => {
    const generation = generationOf(...all)
    if (isTransaction(db)) return readInside(db, generation)
    const kept = keptBy.get(db)
    if (kept?.generation === generation) return kept.rows
    // A query asks anew each time it is waited for: what is kept is its answer.
    const made: Kept<Rows> = { generation, rows: Promise.resolve(read(db)), isRead: false }
    keptBy.set(db, made)
    made.rows.then(
      () => {
        made.isRead = true
      },
      // A reading that failed is tried again by the next who asks.
      () => keptBy.delete(db),
    )
    return made.rows
  }

  async function readInside(tx: Database, generation: number): Promise<Rows> {
    const shared = sharedBy.get(sessionOf(tx))
    if (!shared || all.some((topic) => shared.since.get(topic) !== generations.get(topic))) {
      return read(tx)
    }
    const kept = keptBy.get(shared.db)
    // A reading still under way outside waits for the end of this very transaction: not to be waited for.
    if (kept?.isRead && kept.generation === generation) return kept.rows
    const rows = await read(tx)
    if (generationOf(...all) === generation) {
      keptBy.set(shared.db, { generation, rows: Promise.resolve(rows), isRead: true })
    }
    return rows
  }
}

interface Kept<Rows> {
  readonly generation: number
  readonly rows: Promise<Rows>
  isRead: boolean
}

/** By the session of a transaction, which those nested in it have too. */
const sharedBy = new WeakMap<
  object,
  { readonly db: Database; readonly since: ReadonlyMap<KeptTopic, number> }
>()

/** Lets a transaction that has just begun on `db` read what is kept for `db`. */
export function shareKept(db: Database, tx: Database): void {
  sharedBy.set(sessionOf(tx), { db, since: new Map(generations) })
}

function sessionOf(db: Database): object {
  return (db as unknown as { readonly _: { readonly session: object } })._.session
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
