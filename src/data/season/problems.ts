import { asc, isNull } from 'drizzle-orm'
import { keep } from '../kept'
import { problems } from './tables'

export type StoredProblem = typeof problems.$inferSelect

/** All problems in use, by name. */
export const listProblems = keep(
  'problems',
  async (db): Promise<readonly StoredProblem[]> =>
    db.select().from(problems).where(isNull(problems.putAwayAt)).orderBy(asc(problems.name)),
)
