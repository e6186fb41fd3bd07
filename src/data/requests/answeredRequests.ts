import { eq, lt } from 'drizzle-orm'
import { DAY_MS } from '../../core/units'
import type { Database } from '../database'
import { Conflict } from '../errors'
import { answeredRequests } from './tables'

const KEPT_DAYS = 90
export interface Answered {
  readonly status: number
  readonly answer: unknown
}

/**
 * The answer that was given to this request before; null for one that is new.
 * @throws Conflict when the id was used for something else
 */
export async function readAnswered(
  db: Database,
  { id, fingerprint }: { readonly id: string; readonly fingerprint: string },
): Promise<Answered | null> {
  const [row] = await db.select().from(answeredRequests).where(eq(answeredRequests.id, id))
  if (!row) return null
  if (row.fingerprint === fingerprint) return { status: row.status, answer: row.answer }
  throw new Conflict(
    'What you sent first had arrived and is saved; this differs from it. Load the page again to see what was saved, then change it there.',
  )
}

/** Kept in the same transaction as what the request wrote. */
export async function keepAnswered(
  db: Database,
  request: { readonly id: string; readonly fingerprint: string; readonly at: Date } & Answered,
): Promise<void> {
  await db.insert(answeredRequests).values(request)
}

/** Nothing that was entered longer ago is taken any more (see enteredAt). */
export async function forgetOldAnswers(db: Database, now: Date): Promise<void> {
  const before = new Date(now.getTime() - KEPT_DAYS * DAY_MS)
  await db.delete(answeredRequests).where(lt(answeredRequests.at, before))
}
