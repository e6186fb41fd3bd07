import { doublePrecision, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core'
import type { ContainerShape } from '../../core/containers'
import type { Exposure } from '../../core/season'
import { instant, version } from '../columns'

/** One container, called by its code and by where it stands. */
export const containers = pgTable('containers', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  code: text('code').notNull().unique(),
  name: text('name').notNull(),
  place: text('place').notNull(),
  shape: jsonb('shape').$type<ContainerShape>().notNull(),
  headspaceCm: doublePrecision('headspace_cm').notNull(),
  exposure: text('exposure').$type<Exposure>().notNull().default('open'),
  putAwayAt: instant('put_away_at'),
  version: version(),
})
