import type { Component } from '../../core/media'
import type { MixInPlace } from '../../core/mixes'
import type { MixMaterial } from '../../messages/mixes/mixViews'
import type { MixCost } from './whyOfMix'

/** What is measured out at the own prices; what has none is named, and no price of a litre is told. */
export function costOf(
  components: readonly Component[],
  materials: readonly MixMaterial[],
  { blend }: Pick<MixInPlace, 'blend'>,
): MixCost {
  let total = 0
  let litres = 0
  const missing: string[] = []
  for (const { material, parts } of components) {
    const price = materials.find((one) => one.material.id === material.id)?.pricePerLitre ?? null
    if (price === null) missing.push(material.name)
    else total += price * parts
    litres += parts
  }
  const made = litres * blend.volumeYield
  return { total, missing, perLitre: missing.length === 0 && made > 0 ? total / made : null }
}
