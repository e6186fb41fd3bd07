import type { Component } from '../../core/media'
import { type MixCost, type MixInPlace, mixCost } from '../../core/mixes'
import type { MixMaterial } from '../../messages/mixes/mixViews'

/** What a mix costs at the prices of the page. */
export function costOf(
  components: readonly Component[],
  materials: readonly MixMaterial[],
  { blend }: Pick<MixInPlace, 'blend'>,
): MixCost {
  const priceOf = (materialId: string) =>
    materials.find(({ material }) => material.id === materialId)?.pricePerLitre ?? null
  return mixCost(components, priceOf, blend.volumeYield)
}
