import { sql } from 'drizzle-orm'
import { doublePrecision, integer, jsonb, pgTable, text, uniqueIndex } from 'drizzle-orm/pg-core'
import type { ContainerShape } from '../../core/containers'
import type { Exposure } from '../../core/season'
import { instant, version } from '../columns'

/** A part of the garden with its sun and wind: "South wall". */
export const places = pgTable(
  'places',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    name: text('name').notNull(),
    exposure: text('exposure').$type<Exposure>().notNull().default('open'),
    putAwayAt: instant('put_away_at'),
    version: version(),
  },
  ({ name }) => [uniqueIndex('places_by_name').on(sql`lower(${name})`)],
)

/** One container, called by its code and by where it stands. */
export const containers = pgTable('containers', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  code: text('code').notNull().unique(),
  name: text('name').notNull(),
  placeId: integer('place_id')
    .notNull()
    .references(() => places.id),
  shape: jsonb('shape').$type<ContainerShape>().notNull(),
  headspaceCm: doublePrecision('headspace_cm').notNull(),
  /** Of an inert filler on its base. */
  fillerCm: doublePrecision('filler_cm').notNull().default(0),
  /** Its own sun and wind; null where it has those of its place. */
  exposure: text('exposure').$type<Exposure>(),
  putAwayAt: instant('put_away_at'),
  version: version(),
})
