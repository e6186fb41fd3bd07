import type { Problem } from '../messages/problem'
import type { SiteView } from '../messages/site/site'
import { now } from './clock'
import { database, type OpenDatabase } from './database'
import { problemOf } from './problem'
import { readSiteView } from './siteView'

export type Loaded<View> =
  | { readonly site: SiteView; readonly view: View; readonly problem: null }
  | { readonly site: SiteView; readonly view: null; readonly problem: Problem }

/** Reads a page's rows; what is refused comes back as a problem the page can show. */
export async function pageOf<View>(
  read: (db: OpenDatabase, at: Date) => Promise<View>,
): Promise<Loaded<View>> {
  const db = await database()
  const at = now()
  const site = await readSiteView(db, at)
  try {
    return { site, view: await read(db, at), problem: null }
  } catch (error) {
    const problem = problemOf(error)
    if (problem.status === 500) throw error
    return { site, view: null, problem }
  }
}
