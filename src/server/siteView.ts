import { readSite, type Site } from '../data/site'
import type { SiteView } from '../messages/site/site'
import { dayAt } from './clock'
import type { OpenDatabase } from './database'

export function siteView(site: Site, at: Date): SiteView {
  const { name, locale, timeZone, unitSystem, currency, measures } = site
  return { name, locale, timeZone, unitSystem, currency, measures, today: dayAt(timeZone, at) }
}

export async function readSiteView(db: OpenDatabase, at: Date): Promise<SiteView> {
  return siteView(await readSite(db), at)
}
