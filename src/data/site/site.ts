import { and, eq, sql } from 'drizzle-orm'
import { halfAYearOn, isSouthern } from '../../core/season'
import type { Database } from '../database'
import { StaleWrite } from '../errors'
import { keep } from '../kept'
import { type SitePractice, siteSettings, type TapWater } from './tables'

const ONLY_ROW = 1

export type Site = typeof siteSettings.$inferSelect

export const readSite = keep('site', async (db): Promise<Site> => {
  const [site] = await db.select().from(siteSettings).where(eq(siteSettings.id, ONLY_ROW))
  if (!site) throw new Error('The site settings are missing: the data folder was not prepared.')
  return site
})

/**
 * Sets what the water from the tap is like.
 * @throws StaleWrite when the site's settings were changed since `expected`
 */
export async function writeTapWater(
  db: Database,
  tapWater: TapWater,
  expected: number,
): Promise<number> {
  const [row] = await db
    .update(siteSettings)
    .set({ tapWater, version: sql`${siteSettings.version} + 1` })
    .where(and(eq(siteSettings.id, ONLY_ROW), eq(siteSettings.version, expected)))
    .returning({ version: siteSettings.version })
  if (row) return row.version
  const now = await readSite(db)
  throw new StaleWrite('The water was changed in the meantime; your entries are kept here.', {
    ...now.tapWater,
    version: now.version,
  })
}

/**
 * Sets the time zone, and on which half of the globe the pots stand: the months of its climate go with it.
 * @throws StaleWrite when the site's settings were changed since `version`
 */
export async function writePlace(
  db: Database,
  {
    timeZone,
    southern,
    version,
  }: { readonly timeZone: string; readonly southern: boolean; readonly version: number },
): Promise<number> {
  const { latitudeDeg, climateByMonth } = await readSite(db)
  const turned = isSouthern(latitudeDeg) !== southern
  const [row] = await db
    .update(siteSettings)
    .set({
      timeZone,
      ...(turned
        ? { latitudeDeg: -latitudeDeg || -1, climateByMonth: halfAYearOn(climateByMonth) }
        : {}),
      version: sql`${siteSettings.version} + 1`,
    })
    .where(and(eq(siteSettings.id, ONLY_ROW), eq(siteSettings.version, version)))
    .returning({ version: siteSettings.version })
  if (row) return row.version
  const now = await readSite(db)
  throw new StaleWrite('The place was changed on another page meanwhile.', {
    timeZone: now.timeZone,
    southern: isSouthern(now.latitudeDeg),
    version: now.version,
  })
}

/** Sets how its people like to work; what is not named stays. */
export async function writePractice(db: Database, practice: SitePractice): Promise<void> {
  await db
    .update(siteSettings)
    .set({ practice: sql`${siteSettings.practice} || ${JSON.stringify(practice)}::jsonb` })
    .where(eq(siteSettings.id, ONLY_ROW))
}

/** How many ppm the salt meter shows for 1 mS/cm; everything else of the site stays. */
export async function writePpm(db: Database, ppmPerDsM: number): Promise<void> {
  await db
    .update(siteSettings)
    .set({ measures: sql`${siteSettings.measures} || ${JSON.stringify({ ppmPerDsM })}::jsonb` })
    .where(eq(siteSettings.id, ONLY_ROW))
}
