import type { Component } from './material'

/**
 * A mix with a part more of it. Where it holds the same material already, pores worn by age and fresh ones become one
 * part between them: logarithms of suction scale and conductivity, and the days served, weighed by volume.
 */
export function joinParts(components: readonly Component[], added: Component): Component[] {
  const { material, parts } = added
  const index = components.findIndex((one) => one.material.id === material.id && !one.measured)
  const there = components[index]
  if (!there) return [...components, added]
  const total = there.parts + parts
  const between = (old: number, fresh: number) =>
    old === fresh || !(total > 0)
      ? old
      : Math.exp((there.parts * Math.log(old) + parts * Math.log(fresh)) / total)
  const { curve, ksCmPerS } = there.material
  const [old, fresh] = [there.servedDays ?? 0, added.servedDays ?? 0]
  const joined = {
    parts: total,
    servedDays: total > 0 ? (there.parts * old + parts * fresh) / total : old,
    material: {
      ...there.material,
      curve: { ...curve, alpha: between(curve.alpha, material.curve.alpha) },
      ksCmPerS: between(ksCmPerS, material.ksCmPerS),
    },
  }
  return components.map((one, at) => (at === index ? { ...one, ...joined } : one))
}
