import { createHash } from 'node:crypto'
import type { Database } from '../data/database'
import { type Answered, keepAnswered, readAnswered } from '../data/requests'
import { Refused } from './problem'

/** Header with the id that was made with the form. */
export const REQUEST_ID_HEADER = 'idempotency-key'
const REQUEST_ID = /^[A-Za-z0-9-]{8,64}$/

export interface Wanted {
  readonly request: Request
  /** The body as it arrived. */
  readonly text: string
  readonly at: Date
}

/**
 * Answers a request that carries an id once: the answer is kept in the transaction of its writes, and given again when
 * the same request comes again (a double click, a lost answer).
 * @throws Refused for an id that is none, Conflict when it was used for another request
 */
export async function answerOnce(
  db: Database,
  { request, text, at }: Wanted,
  work: () => Promise<Answered>,
): Promise<Answered> {
  const id = request.headers.get(REQUEST_ID_HEADER)
  if (id === null) return work()
  if (!REQUEST_ID.test(id)) {
    throw new Refused(400, 'bad-request-id', 'The id of the request has 8 to 64 letters or digits.')
  }
  const fingerprint = createHash('sha256')
    .update(`${request.method} ${new URL(request.url).pathname}\n${text}`)
    .digest('hex')
  const before = await readAnswered(db, { id, fingerprint })
  if (before) return before
  const answered = await work()
  await keepAnswered(db, { id, fingerprint, at, ...answered, answer: answered.answer ?? null })
  return answered
}
