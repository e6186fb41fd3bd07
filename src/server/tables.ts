import { DEFAULT_SCHOOLS } from '../core/recondition'
import { listAmendments } from '../data/chemistry'
import { containersById, listContainers } from '../data/containers'
import { asOneReading } from '../data/kept'
import { materialsById } from '../data/media'
import { listCrops, listProblems } from '../data/season'
import { readSite } from '../data/site'
import { dayAt, now } from './clock'
import type { OpenDatabase } from './database'
import type { Tables } from './lots'

/** The tables that almost every page looks names and values up in. */
export function readTables(db: OpenDatabase, timeZone: string): Promise<Tables> {
  return asOneReading(() => readAll(db, timeZone))
}

async function readAll(db: OpenDatabase, timeZone: string): Promise<Tables> {
  const crops = await listCrops(db)
  const site = await readSite(db)
  return {
    materials: await materialsById(db),
    crops: new Map(crops.map((crop) => [crop.id, crop])),
    amendments: new Map(
      (await listAmendments(db)).map(({ amendment }) => [amendment.id, amendment]),
    ),
    problems: new Map((await listProblems(db)).map((problem) => [problem.id, problem])),
    containers: await listContainers(db),
    containersById: await containersById(db),
    timeZone,
    today: dayAt(timeZone, now()),
    schools: { ...DEFAULT_SCHOOLS, ...site.practice.schools },
    site,
  }
}
