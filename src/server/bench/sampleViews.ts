import { type Sample, sampleKey } from '../../data/bench'
import { listMixesByIds } from '../../data/mixes'
import type { SampleView } from '../../messages/bench/benchViews'
import type { OpenDatabase } from '../database'
import { readCardFacts, strataOf, type Tables } from '../lots'
import { partsToComponents } from '../mixes'

/** Samples as rows of a list show them, by their keys; those that were put away are left out. */
export async function sampleViews(
  db: OpenDatabase,
  tables: Tables,
  samples: readonly Sample[],
): Promise<ReadonlyMap<string, SampleView>> {
  const idsOf = (kind: Sample['kind']) => [
    ...new Set(samples.filter((one) => one.kind === kind).map(({ id }) => Number(id))),
  ]
  const lots = await readCardFacts(db, tables, idsOf('lot'))
  const mixes = await listMixesByIds(db, idsOf('mix'))
  const views: SampleView[] = [
    ...lots.map(({ lot: { id, name }, strata }) => ({ kind: 'lot' as const, id, name, strata })),
    ...mixes.map(({ id, name, versions: [{ parts }] }) => ({
      kind: 'mix' as const,
      id,
      name,
      strata: strataOf(partsToComponents(parts, tables.materials)),
    })),
    ...samples.flatMap(({ kind, id }) => {
      const material = kind === 'material' ? tables.materials.get(String(id)) : undefined
      if (!material) return []
      const strata = strataOf([{ material, parts: 1 }])
      return [{ kind: 'material' as const, id: material.id, name: material.name, strata }]
    }),
  ]
  return new Map(views.map((view) => [sampleKey(view), view]))
}
