import { index, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core'
import { instant } from '../columns'

/** Answers to writes, by the id that was made with the form: a request that comes twice is answered the same. */
export const answeredRequests = pgTable(
  'answered_requests',
  {
    id: text('id').primaryKey(),
    /** Of method, address and body. */
    fingerprint: text('fingerprint').notNull(),
    status: integer('status').notNull(),
    answer: jsonb('answer').$type<unknown>(),
    at: instant('at').notNull(),
  },
  (table) => [index('answered_by_time').on(table.at)],
)
