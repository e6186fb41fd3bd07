import type { Component } from '../../core/media'
import type { MixChange } from '../../core/mixes'
import { litresText, type MixValues } from './mixValues'

/** The parts of the form after a change of one material; amounts of hundredths of a litre are left as they are. */
export function changedParts(
  components: readonly Component[],
  { materialId, deltaParts }: Pick<MixChange, 'materialId' | 'deltaParts'>,
): MixValues['parts'] {
  const there = components.some(({ material }) => material.id === materialId)
  // Rounded outwards, so that what was promised is reached.
  const step =
    deltaParts > 0 ? Math.ceil(deltaParts * 100) / 100 : Math.floor(deltaParts * 100) / 100
  const rows = components.map(({ material, parts }) => ({
    materialId: material.id,
    litres: litresText(material.id === materialId ? Math.max(0, parts + step) : parts),
  }))
  return there ? rows : [...rows, { materialId, litres: litresText(step) }]
}
