import { listContainers } from '../../data/containers'
import { listMaterials, materialsById } from '../../data/media'
import { listMixes } from '../../data/mixes'
import type { CompareMixesPage } from '../../messages/mixes/mixViews'
import type { OpenDatabase } from '../database'
import { materialsAsTested, sizesOf, testsOfMixes } from './mixSetting'

const MOST = 4

/** All mixes and bags that may be compared, in all pots of the garden, and which the address asks for. */
export async function comparePage(
  db: OpenDatabase,
  { mixes = '', pots = '' }: { mixes?: string; pots?: string },
): Promise<CompareMixesPage> {
  const materials = await materialsById(db)
  const recipes: CompareMixesPage['mixes'][number][] = []
  const written = await listMixes(db)
  const tests = await testsOfMixes(
    db,
    written.map(({ id, versions: [{ at }] }) => ({ id, writtenAt: at })),
  )
  for (const { id, name, versions } of written) {
    const [{ parts }] = versions
    const tested = materialsAsTested(parts, materials, tests.get(id) ?? null)
    recipes.push({ key: String(id), name, parts, asTested: [...tested.values()] })
  }
  const bags = (await listMaterials(db))
    .filter(({ material: { group } }) => group === 'bagged mix')
    .map(({ material: { id, name } }) => ({
      key: id,
      name,
      parts: [{ materialId: id, litres: 10 }],
      asTested: [],
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
    materials: [...materials.values()].filter(({ id }) => used.has(id)),
    chosenMixes: chosen.length > 0 ? chosen : all.slice(0, 2).map(({ key }) => key),
    chosenPots: listed(pots)
      .map(Number)
      .filter((index) => containers[index] !== undefined),
  }
}
