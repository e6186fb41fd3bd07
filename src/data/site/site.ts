import { eq } from 'drizzle-orm'
import type { Database } from '../database'
import { siteSettings } from './tables'

const ONLY_ROW = 1

export type Site = typeof siteSettings.$inferSelect

export async function readSite(db: Database): Promise<Site> {
  const [site] = await db.select().from(siteSettings).where(eq(siteSettings.id, ONLY_ROW))
  if (!site) throw new Error('The site settings are missing: the data folder was not prepared.')
  return site
}
