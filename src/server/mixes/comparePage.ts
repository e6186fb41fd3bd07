import { listContainers } from '../../data/containers'
import { listMaterials, materialsById } from '../../data/media'
import { listMixes } from '../../data/mixes'
import type { CompareMixesPage } from '../../messages/mixes/mixes'
import type { OpenDatabase } from '../database'
import { sizesOf } from './mixSetting'

const MOST = 4

/** All mixes and bags that may be compared, in all pots of the garden, and which the address asks for. */
export async function comparePage(
  db: OpenDatabase,
  { mixes = '', pots = '' }: { mixes?: string; pots?: string },
): Promise<CompareMixesPage> {
  const recipes = (await listMixes(db)).map(({ id, name, versions: [{ parts }] }) => ({
    key: String(id),
    name,
    parts,
  }))
  const bags = (await listMaterials(db))
    .filter(({ material: { group } }) => group === 'bagged mix')
    .map(({ material: { id, name } }) => ({
      key: id,
      name,
      parts: [{ materialId: id, litres: 10 }],
    }))
  const all = [...recipes, ...bags]
  const used = new Set(all.flatMap(({ parts }) => parts.map(({ materialId }) => materialId)))
  // The bottom layers as well: what may stand under a mix.
  for (const id of ['gravel', 'grit', 'coarse-sand', 'garden-loam', 'bark-chips']) used.add(id)
  const containers = sizesOf(await listContainers(db))
  const listed = (text: string) => text.split(',').filter(Boolean).slice(0, MOST)
  const chosen = listed(mixes).filter((key) => all.some((mix) => mix.key === key))
  return {
    mixes: all,
    containers,
    materials: [...(await materialsById(db)).values()].filter(({ id }) => used.has(id)),
    chosenMixes: chosen.length > 0 ? chosen : all.slice(0, 2).map(({ key }) => key),
    chosenPots: listed(pots)
      .map(Number)
      .filter((index) => containers[index] !== undefined),
  }
}
