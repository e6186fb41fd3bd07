import { doublePrecision, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core'
import type { LadderPriorities, Schools } from '../../core/recondition'
import type { MonthClimate } from '../../core/season'
import type { HouseholdMeasures } from '../../core/units'
import { instant, version } from '../columns'

export interface TapWater {
  readonly ph: number
  readonly ecDsPerM: number
  readonly alkalinityMgPerL: number
}

/** How its people like to work; what was never set is as usual. */
export interface SitePractice {
  readonly priorities?: LadderPriorities
  readonly schools?: Partial<Schools>
}

/** One row: the place all pots stand in and how its people measure. */
export const siteSettings = pgTable('site_settings', {
  id: integer('id').primaryKey(),
  name: text('name').notNull(),
  latitudeDeg: doublePrecision('latitude_deg').notNull(),
  timeZone: text('time_zone').notNull(),
  locale: text('locale').notNull(),
  unitSystem: text('unit_system').$type<'metric' | 'us'>().notNull(),
  currency: text('currency'),
  climateByMonth: jsonb('climate_by_month').$type<readonly MonthClimate[]>().notNull(),
  tapWater: jsonb('tap_water').$type<TapWater>().notNull(),
  measures: jsonb('measures').$type<HouseholdMeasures>().notNull(),
  practice: jsonb('practice').$type<SitePractice>().notNull().default({}),
  seededAt: instant('seeded_at'),
  version: version(),
})
