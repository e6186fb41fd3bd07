import { sql } from 'drizzle-orm'
import type { Database } from '../data/database'
import type { MissedCopy } from '../messages/site'
import { readConfig } from './config'
import { Refused } from './problem'
import { listCopies } from './storage/copies'
import { gardenTables } from './storage/gardenTables'
import { missedCopy } from './storage/missedCopy'

export interface Health {
  readonly status: 'ok'
  /** When the newest proved copy was taken; null without one. */
  readonly newestCopy: string | null
  /** The day whose copy could not be taken since, and what was free; null where none was missed. */
  readonly missedCopy: MissedCopy | null
}

/** Reads one row of every main table. @throws Refused 503 when one of them cannot be read */
export async function healthOf(db: Database): Promise<Health> {
  for (const table of gardenTables()) {
    try {
      await db.execute(
        sql`select ${sql.identifier(table)}::text from ${sql.identifier(table)} limit 1`,
      )
    } catch {
      throw new Refused(503, 'cannot-read', `The garden's table "${table}" cannot be read.`)
    }
  }
  const [newest] = listCopies(readConfig().dataFolder)
  return {
    status: 'ok',
    newestCopy: newest?.takenAt.toISOString() ?? null,
    missedCopy: missedCopy(),
  }
}
