import { blendMedia, type Component } from '../../core/media'
import { materialsById } from '../../data/media'
import { readMix } from '../../data/mixes'
import { readSite } from '../../data/site'
import type { FillPot } from '../../messages/containers/fillPot'
import type { OpenDatabase } from '../database'
import { readLotFacts, refuseHeld, sinksOf } from '../lots'
import { refuseField } from '../problem'
import { readTables } from '../tables'

/** What goes into a pot: an own mix, a bag, or a lot that waits in the store. */
export interface Source {
  readonly components: readonly Component[]
  readonly origin: 'bag' | 'own recipe'
  readonly note: string | null
  /** Litres that are there; null where more can be made or bought. */
  readonly there: number | null
  /** How far it sinks when it is watered in, 0 to 1. */
  readonly sinks: number
  readonly isDoubtful: boolean
}

/** @throws Refused where it is not there */
export async function sourceOf(db: OpenDatabase, source: FillPot['source']): Promise<Source> {
  const materials = await materialsById(db)
  switch (source.kind) {
    case 'mix': {
      const mix = await readMix(db, source.mixId)
      const [{ number, parts }] = mix.versions
      const components = parts.flatMap(({ materialId, litres }) => {
        const material = materials.get(materialId)
        return material && litres > 0 ? [{ material, parts: litres }] : []
      })
      return {
        components,
        sinks: sinksOf(components),
        origin: 'own recipe',
        note: `${mix.name}, version ${number}`,
        there: null,
        isDoubtful: false,
      }
    }
    case 'bag': {
      const material = materials.get(source.materialId)
      if (!material) refuseField('source', 'Choose a bag from the list.')
      return {
        components: [{ material, parts: 1 }],
        sinks: sinksOf([{ material, parts: 1 }]),
        origin: 'bag',
        note: null,
        there: null,
        isDoubtful: false,
      }
    }
    case 'lot': {
      const tables = await readTables(db, (await readSite(db)).timeZone)
      const facts = await readLotFacts(db, tables, source.lotId)
      if (facts.components.length === 0) refuseField('source', 'This lot is empty: choose another.')
      refuseHeld(facts, 'source')
      return {
        components: facts.components,
        sinks: sinksOf(facts.components, facts),
        origin: 'own recipe',
        note: null,
        there: facts.lot.contents.litres,
        isDoubtful: facts.triage !== null && facts.triage.verdict !== 'reuse',
      }
    }
  }
}

/** What is measured out for so much of it, loose; of a lot there is nothing to measure out. */
export function partsFor(
  { components, there }: Source,
  litres: number,
): { readonly name: string; readonly litres: number }[] {
  if (there !== null) return []
  const { volumeYield } = blendMedia({ components })
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  return components.map(({ material, parts }) => ({
    name: material.name,
    litres: (litres / volumeYield) * (parts / total),
  }))
}
