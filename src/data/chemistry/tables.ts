import { boolean, doublePrecision, pgTable, text } from 'drizzle-orm/pg-core'
import type { Amendment } from '../../core/chemistry'
import { instant, version } from '../columns'
import type { Origin } from '../media/materialTables'

/** The user's own list of what is weighed in. */
export const amendments = pgTable('amendments', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  kind: text('kind').$type<Amendment['kind']>().notNull(),
  nPercent: doublePrecision('n_percent').notNull(),
  p2o5Percent: doublePrecision('p2o5_percent').notNull(),
  k2oPercent: doublePrecision('k2o_percent').notNull(),
  releaseDays50: doublePrecision('release_days_50').notNull(),
  nReleaseSeason: doublePrecision('n_release_season').notNull(),
  cce: doublePrecision('cce').notNull(),
  saltIndex: doublePrecision('salt_index').notNull(),
  rateLowGPerL: doublePrecision('rate_low_g_per_l').notNull(),
  rateHighGPerL: doublePrecision('rate_high_g_per_l').notNull(),
  mineral: boolean('mineral').notNull().default(false),
  caution: text('caution'),
  note: text('note'),
  origin: text('origin').$type<Origin>().notNull(),
  pricePerKg: doublePrecision('price_per_kg'),
  stockGrams: doublePrecision('stock_grams').notNull().default(0),
  putAwayAt: instant('put_away_at'),
  version: version(),
})
