import { integer, jsonb, pgTable, text, unique } from 'drizzle-orm/pg-core'
import type { MixFor, MixPart } from '../../core/mixes'
import { instant, version } from '../columns'

/** A recipe by its name; what it says stands in its versions. */
export const mixes = pgTable('mixes', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  name: text('name').notNull(),
  createdAt: instant('created_at').notNull(),
  putAwayAt: instant('put_away_at'),
  version: version(),
})

/** Versions are only ever added: what was mixed from an older one stays readable. */
export const mixVersions = pgTable(
  'mix_versions',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    mixId: integer('mix_id')
      .notNull()
      .references(() => mixes.id),
    number: integer('number').notNull(),
    parts: jsonb('parts').$type<readonly MixPart[]>().notNull(),
    madeFor: jsonb('made_for').$type<MixFor>().notNull(),
    note: text('note'),
    at: instant('at').notNull(),
  },
  (table) => [unique('versions_in_order').on(table.mixId, table.number)],
)
