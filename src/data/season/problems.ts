import { asc, isNull } from 'drizzle-orm'
import type { Database } from '../database'
import { problems } from './tables'

export type StoredProblem = typeof problems.$inferSelect

/** All problems in use, by name. */
export async function listProblems(db: Database): Promise<StoredProblem[]> {
  return db.select().from(problems).where(isNull(problems.putAwayAt)).orderBy(asc(problems.name))
}
