import { sql } from 'drizzle-orm'
import { halfAYearOn, isSouthern } from '../core/season'
import { DEFAULT_MEASURES } from '../core/units'
import { amendments } from './chemistry/tables'
import type { Database } from './database'
import {
  defaultAmendments,
  defaultCrops,
  defaultMaterials,
  defaultProblems,
} from './defaults/readDefaults'
import { materials, type Origin } from './media/materialTables'
import { crops, problems } from './season/tables'
import { latitudeOfZone, machineZone } from './site/placeOfZone'
import { siteSettings } from './site/tables'

const ORIGIN: Origin = 'typical published range'

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
 * Fills a new data folder with site settings and the shipped tables; an old one is left as it is.
 * @param timeZone of the machine: the first screen says which, and lets it be changed
 */
export async function prepareData(db: Database, timeZone = machineZone()): Promise<void> {
  const [row] = await db.select({ count: sql<number>`count(*)`.mapWith(Number) }).from(siteSettings)
  if ((row?.count ?? 0) > 0) return
  const latitudeDeg = latitudeOfZone(timeZone)
  await db.transaction(async (tx) => {
    await tx.insert(siteSettings).values({
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
    await tx.insert(materials).values(
      defaultMaterials().map(({ curve, ...material }) => ({
        ...material,
        thetaR: curve.thetaR,
        alpha: curve.alpha,
        n: curve.n,
        origin: ORIGIN,
      })),
    )
    await tx
      .insert(amendments)
      .values(defaultAmendments().map((row) => ({ ...row, origin: ORIGIN })))
    await tx.insert(crops).values(defaultCrops().map((row) => ({ ...row, origin: ORIGIN })))
    await tx.insert(problems).values(defaultProblems().map((row) => ({ ...row, origin: ORIGIN })))
  })
}
