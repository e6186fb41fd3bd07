import { AsyncLocalStorage } from 'node:async_hooks'
import { randomUUID } from 'node:crypto'
import { sql } from 'drizzle-orm'
import type { Database } from '../database'
import type { Topic } from './topics'

type Stamps = Readonly<Record<Topic, string>>

interface Reading {
  /** Whether nothing that is kept may be taken. */
  readonly isAnew: boolean
  db: Database | null
  stamps: Promise<Stamps> | null
}

// One a process: what starts the server and what answers are bundled apart, each with a copy of this file.
const READINGS = Symbol.for('innings.readings')
const shared = globalThis as { [READINGS]?: AsyncLocalStorage<Reading> }
shared[READINGS] ??= new AsyncLocalStorage()
const readings = shared[READINGS]

/** Runs what only reads: the stamps are read once for all of it. */
export function asOneReading<Answer>(read: () => Answer): Answer {
  const isAnew = readings.getStore()?.isAnew ?? false
  return readings.run({ isAnew, db: null, stamps: null }, read)
}

/** Runs what reads everything anew, whatever is kept: so a test tells whether what is kept still holds. */
export function readingAnew<Answer>(read: () => Answer): Answer {
  return readings.run({ isAnew: true, db: null, stamps: null }, read)
}

/** The stamps of topics at present: another one as soon as a row they rest on was written. */
export async function stampsOf(db: Database, topics: readonly Topic[]): Promise<string> {
  if (readings.getStore()?.isAnew) return randomUUID()
  const stamps = await readStamps(db)
  return topics.map((topic) => stamps[topic]).join(' ')
}

function readStamps(db: Database): Promise<Stamps> {
  const reading = readings.getStore()
  if (!reading) return query(db)
  // A transaction that was begun meanwhile may write: what it reads is its own.
  reading.db ??= db
  if (reading.db !== db) return query(db)
  reading.stamps ??= query(db)
  return reading.stamps
}

async function query(db: Database): Promise<Stamps> {
  const { rows } = await db.execute<{ all: Stamps }>(
    sql`select json_object_agg(topic, stamp) as all from kept.stamps`,
  )
  return rows[0]?.all as Stamps
}
