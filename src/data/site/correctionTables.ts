import { boolean, integer, pgTable, text } from 'drizzle-orm/pg-core'
import { instant } from '../columns'

/**
 * Shipped rows whose typical values were corrected by an update: taken over, or left because the row no longer held what
 * was shipped before.
 */
export const shippedCorrections = pgTable('shipped_corrections', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  list: text('list').$type<'materials' | 'amendments'>().notNull(),
  rowId: text('row_id').notNull(),
  taken: boolean('taken').notNull(),
  at: instant('at').notNull(),
})
