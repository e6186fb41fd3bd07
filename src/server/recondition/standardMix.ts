import type { Component } from '../../core/media'
import { NotFound } from '../../data/errors'
import { readMix } from '../../data/mixes'
import { standardFor } from '../../data/trials'
import type { OpenDatabase } from '../database'
import type { Tables } from '../lots'

/** What a trial made the standard for a crop, as it is mixed; null where none did, or nothing of it can be had. */
export async function standardMix(
  db: OpenDatabase,
  { materials }: Pick<Tables, 'materials'>,
  cropId: string,
): Promise<readonly Component[] | null> {
  const standard = await standardFor(db, cropId)
  const { medium } = standard ?? {}
  if (medium?.kind !== 'mix' && medium?.kind !== 'bag') return null
  const parts =
    medium.kind === 'bag'
      ? [{ materialId: medium.materialId, litres: 1 }]
      : await partsOfMix(db, medium)
  const components = parts.flatMap(({ materialId, litres }): Component[] => {
    const material = materials.get(materialId)
    return material ? [{ material, parts: litres }] : []
  })
  return components.length > 0 ? components : null
}

async function partsOfMix(
  db: OpenDatabase,
  { mixId, version }: { readonly mixId: number; readonly version: number },
): Promise<readonly { readonly materialId: string; readonly litres: number }[]> {
  try {
    const { versions } = await readMix(db, mixId)
    return versions.find(({ number }) => number === version)?.parts ?? []
  } catch (error) {
    // Put away since: what is usual is taken.
    if (!(error instanceof NotFound)) throw error
    return []
  }
}
