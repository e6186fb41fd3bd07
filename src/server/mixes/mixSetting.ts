import type { Component, Material } from '../../core/media'
import type { MixPart } from '../../core/mixes'
import type { StoredContainer } from '../../data/containers'
import type { MixContainer } from '../../messages/mixes/mixes'

/** Containers of one size and place once, the most frequent first. */
export function sizesOf(containers: readonly StoredContainer[]): MixContainer[] {
  const sizes = new Map<string, MixContainer>()
  for (const { name, place, shape, headspaceCm, exposure } of containers) {
    const key = JSON.stringify([name, shape, headspaceCm, exposure])
    const count = (sizes.get(key)?.count ?? 0) + 1
    sizes.set(key, { name, place, count, shape, headspaceCm, exposure })
  }
  return [...sizes.values()].sort((a, b) => b.count - a.count)
}

/** Parts as the core takes them; a material that is not known any more is left out. */
export function partsToComponents(
  parts: readonly MixPart[],
  materials: ReadonlyMap<string, Material>,
): Component[] {
  return parts.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId)
    return material ? [{ material, parts: litres }] : []
  })
}
