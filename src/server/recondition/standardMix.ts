import type { Component } from '../../core/media'
import { NotFound } from '../../data/errors'
import { readMix } from '../../data/mixes'
import { standardFor } from '../../data/trials'
import type { StandardMixView } from '../../messages/recondition/ladder'
import type { OpenDatabase } from '../database'
import type { Tables } from '../lots'

/** What a trial made the standard for a crop, as it is mixed, and where that comes from. */
export interface StandardMix extends StandardMixView {
  readonly components: readonly Component[]
}

/** Null where no trial made one the standard, or nothing of it can be had. */
export async function standardMix(
  db: OpenDatabase,
  { materials }: Pick<Tables, 'materials'>,
  cropId: string,
): Promise<StandardMix | null> {
  const standard = await standardFor(db, cropId)
  if (!standard) return null
  const { medium, trialId, trialName } = standard
  if (medium.kind !== 'mix' && medium.kind !== 'bag') return null
  const { name, parts } =
    medium.kind === 'bag'
      ? {
          name: materials.get(medium.materialId)?.name ?? medium.materialId,
          parts: [{ materialId: medium.materialId, litres: 1 }],
        }
      : await recipeOf(db, medium)
  const components = parts.flatMap(({ materialId, litres }): Component[] => {
    const material = materials.get(materialId)
    return material ? [{ material, parts: litres }] : []
  })
  return components.length > 0 ? { name, trialId, trialName, components } : null
}

async function recipeOf(
  db: OpenDatabase,
  { mixId, version }: { readonly mixId: number; readonly version: number },
): Promise<{
  readonly name: string
  readonly parts: readonly { readonly materialId: string; readonly litres: number }[]
}> {
  try {
    const { name, versions } = await readMix(db, mixId)
    const parts = versions.find(({ number }) => number === version)?.parts ?? []
    return { name: `${name}, version ${version}`, parts }
  } catch (error) {
    // Put away since: what is usual is taken.
    if (!(error instanceof NotFound)) throw error
    return { name: '', parts: [] }
  }
}
