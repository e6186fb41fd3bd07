import type { Component } from '../media'

/** What a batch costs, as far as prices are known. */
export interface MixCost {
  /** Of a litre of mix; null where something of it has no price. */
  readonly perLitre: number | null
  readonly total: number
  /** Names of what has no price. */
  readonly missing: readonly string[]
}

/**
 * What is measured out at the own prices; what has none is named, and no price of a litre is told.
 * @param components as they are measured out, L
 * @param priceOf of a litre of a material; null where none was entered
 * @param volumeYield litres of mix for each litre measured out
 */
export function mixCost(
  components: readonly Component[],
  priceOf: (materialId: string) => number | null,
  volumeYield: number,
): MixCost {
  let total = 0
  let litres = 0
  const missing: string[] = []
  for (const { material, parts } of components) {
    const price = priceOf(material.id)
    if (price === null) missing.push(material.name)
    else total += price * parts
    litres += parts
  }
  const made = litres * volumeYield
  return { total, missing, perLitre: missing.length === 0 && made > 0 ? total / made : null }
}
