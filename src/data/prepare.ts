import { sql } from 'drizzle-orm'
import { halfAYearOn, isSouthern } from '../core/season'
import { DEFAULT_MEASURES } from '../core/units'
import type { Database } from './database'
import { renewShipped } from './renewShipped'
import { latitudeOfZone, machineZone } from './site/placeOfZone'
import { siteSettings } from './site/tables'

/** A mild temperate year (monthly means), to be replaced by the site's own in Settings. */
const TEMPERATE_YEAR = [
  { tMinC: 1, tMaxC: 6, rainMm: 60 },
  { tMinC: 1, tMaxC: 7, rainMm: 45 },
  { tMinC: 3, tMaxC: 10, rainMm: 48 },
  { tMinC: 5, tMaxC: 14, rainMm: 46 },
  { tMinC: 8, tMaxC: 17, rainMm: 50 },
  { tMinC: 11, tMaxC: 20, rainMm: 52 },
  { tMinC: 13, tMaxC: 22, rainMm: 54 },
  { tMinC: 13, tMaxC: 22, rainMm: 58 },
  { tMinC: 11, tMaxC: 19, rainMm: 56 },
  { tMinC: 8, tMaxC: 15, rainMm: 70 },
  { tMinC: 4, tMaxC: 10, rainMm: 68 },
  { tMinC: 2, tMaxC: 7, rainMm: 66 },
] as const

/**
 * Fills a new data folder with site settings; brings the shipped tables into it, and into an old one what is new in them.
 * @param timeZone of the machine: the first screen says which, and lets it be changed
 */
export async function prepareData(db: Database, at: Date, timeZone = machineZone()): Promise<void> {
  await prepareSite(db, timeZone)
  await renewShipped(db, at)
}

async function prepareSite(db: Database, timeZone: string): Promise<void> {
  const [row] = await db.select({ count: sql<number>`count(*)`.mapWith(Number) }).from(siteSettings)
  if ((row?.count ?? 0) > 0) return
  const latitudeDeg = latitudeOfZone(timeZone)
  await db.insert(siteSettings).values({
    id: 1,
    name: 'My garden',
    latitudeDeg,
    timeZone,
    locale: 'en-GB',
    unitSystem: 'metric',
    currency: null,
    climateByMonth: isSouthern(latitudeDeg) ? halfAYearOn(TEMPERATE_YEAR) : TEMPERATE_YEAR,
    tapWater: { ph: 7.2, ecDsPerM: 0.4, alkalinityMgPerL: 120 },
    measures: DEFAULT_MEASURES,
  })
}
