import { listContainers } from '../data/containers/containers'
import { materialsById } from '../data/media/materials'
import { listCrops } from '../data/season/crops'
import type { OpenDatabase } from './database'
import type { Tables } from './media/lotFacts'

/** The tables that almost every page looks names and values up in. */
export async function readTables(db: OpenDatabase, timeZone: string): Promise<Tables> {
  const crops = await listCrops(db)
  return {
    materials: await materialsById(db),
    crops: new Map(crops.map((crop) => [crop.id, crop])),
    containers: await listContainers(db),
    timeZone,
  }
}
