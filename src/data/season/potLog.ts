import { and, desc, eq } from 'drizzle-orm'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { endFinding } from '../media'
import { potLog } from './plantingTables'

const MANY = 2000

export type PotLogEntry = typeof potLog.$inferSelect

/** What was written down at a container and counts, the newest first. */
export async function logOf(db: Database, containerId: number, limit = 60): Promise<PotLogEntry[]> {
  return db
    .select()
    .from(potLog)
    .where(and(eq(potLog.containerId, containerId), eq(potLog.takenBack, false)))
    .orderBy(desc(potLog.at), desc(potLog.id))
    .limit(limit)
}

export async function writeLog(
  db: Database,
  entry: Omit<PotLogEntry, 'id' | 'takenBack' | 'photoId' | 'trialId'> &
    Partial<Pick<PotLogEntry, 'photoId' | 'trialId'>>,
): Promise<number> {
  const [made] = await db.insert(potLog).values(entry).returning({ id: potLog.id })
  if (!made) throw new Error('The entry was not written down.')
  return made.id
}

/** Many at once, as they come with a trial from elsewhere. */
export async function writeLogs(
  db: Database,
  entries: readonly Omit<PotLogEntry, 'id' | 'takenBack' | 'photoId'>[],
): Promise<void> {
  for (let at = 0; at < entries.length; at += MANY) {
    await db.insert(potLog).values(entries.slice(at, at + MANY))
  }
}

/**
 * An entry counts, or was taken back; the finding it became in the lot goes with it.
 * @throws NotFound
 */
export async function setLogCounts(
  db: Database,
  id: number,
  counts: boolean,
  at: Date,
): Promise<void> {
  const [entry] = await db
    .update(potLog)
    .set({ takenBack: !counts })
    .where(eq(potLog.id, id))
    .returning({ lotId: potLog.lotId, findingId: potLog.findingId })
  if (!entry) throw new NotFound(`There is no entry ${id}.`)
  if (entry.lotId !== null && entry.findingId !== null) {
    await endFinding(db, entry.lotId, entry.findingId, counts ? null : at)
  }
}
