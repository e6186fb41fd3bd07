import { type Component, componentShares, type Material, volumeYield } from '../../core/media'
import { type LotCard, presentInnings } from '../../data/media'
import type { Stratum } from '../../messages/media/lotViews'

/** A bag or an own mix that nothing grew in; what was left over of an old mix has no innings of its own, but is old. */
export function isNeverPlanted({ innings, origin }: Pick<LotCard, 'innings' | 'origin'>): boolean {
  return innings.length === 0 && (origin === 'bag' || origin === 'own recipe')
}

/** Components by bulk volume; a lot that has been planted has no starter charge left. */
export function componentsOf(lot: LotCard, materials: ReadonlyMap<string, Material>): Component[] {
  const parts = lot.contents.components.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId)
    return material && litres > 0 ? [{ material, parts: litres }] : []
  })
  const starter = starterOf(lot, parts)
  return parts.map((part) => ({
    ...part,
    measured: starter === null ? {} : { starterNMgPerL: starter },
  }))
}

/** Nitrogen at once in a litre of each part; null: as the tables have it. */
function starterOf(lot: LotCard, parts: readonly Component[]): number | null {
  const isOver = lot.innings.length > 0 && !presentInnings(lot)
  if (lot.carried && !isOver && parts.length > 0) {
    return lot.carried.starterNMgPerL * volumeYield(componentShares(parts))
  }
  return isNeverPlanted(lot) ? null : 0
}

export function sharesOf(components: readonly Component[]): Component[] {
  return componentShares(components).map(({ share, ...rest }) => ({ ...rest, parts: share }))
}

export function strataOf(components: readonly Component[]): Stratum[] {
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  return components.map(({ material, parts }) => ({
    materialId: material.id,
    name: material.name,
    group: material.group,
    grainMm: material.grainMm,
    share: total > 0 ? parts / total : 0,
  }))
}
