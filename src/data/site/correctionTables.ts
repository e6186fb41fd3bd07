import { boolean, integer, jsonb, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import { instant } from '../columns'

/** The lists that come with the program. */
export type ShippedList = 'materials' | 'amendments' | 'crops' | 'problems'

/**
 * Shipped rows whose typical values were corrected by an update: taken over, or left because the row no longer held what
 * was shipped before.
 */
export const shippedCorrections = pgTable('shipped_corrections', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  list: text('list').$type<ShippedList>().notNull(),
  rowId: text('row_id').notNull(),
  taken: boolean('taken').notNull(),
  at: instant('at').notNull(),
})

/** What of the shipped lists this garden was given, as it was shipped then: so an update knows what its grower changed. */
export const shippedRows = pgTable(
  'shipped_rows',
  {
    list: text('list').$type<ShippedList>().notNull(),
    rowId: text('row_id').notNull(),
    shipped: jsonb('shipped').$type<Readonly<Record<string, unknown>>>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.list, table.rowId] })],
)
