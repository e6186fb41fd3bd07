import { sql } from 'drizzle-orm'
import type { Database } from '../../data/database'
import type { Health } from '../../messages/health/health'
import { readConfig } from '../config'
import { Refused } from '../problem'
import { listCopies } from '../storage/copies'
import { gardenTables } from '../storage/gardenTables'
import { missedCopy } from '../storage/missedCopy'

/** Reads one row of every main table. @throws Refused 503 when one of them cannot be read */
export async function readHealth(db: Database): Promise<Health> {
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
