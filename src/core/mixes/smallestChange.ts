import type { Component, Material } from '../media'
import { requireNumber } from '../validate'

export interface MixChange {
  readonly materialId: string
  /** Parts more (positive) or less of it, in the unit of the parts. */
  readonly deltaParts: number
  /** Change as a share of all parts before. */
  readonly share: number
  /** What the change leads to. */
  readonly value: number
}

const STEPS = 10
const LARGEST_SHARE = 0.6
const HALVINGS = 6

/**
 * The smallest change of one material that brings a value of a mix into a band: found by trying every material, more
 * and less of it, not by rule of thumb. Among equally small ones (within a hundredth of all parts) the cheaper wins.
 * @param valueFor the value of a mix, for instance its air in a pot
 * @param candidates materials that may be added; those in the mix may also be taken out
 * @param priceOf price of a litre, null where it is not known
 * @param allowed asked of every mix that reaches the band
 * @returns null where the value lies in the band already, or no allowed change up to 60 % of all parts reaches it
 */
export function smallestChange({
  components,
  candidates,
  valueFor,
  low,
  high,
  priceOf = () => null,
  allowed = () => true,
}: {
  components: readonly Component[]
  candidates: readonly Material[]
  valueFor: (components: readonly Component[]) => number
  low: number
  high: number
  priceOf?: (material: Material) => number | null
  /** Whether a changed mix is one at all: the bounds of its plant group. */
  allowed?: (components: readonly Component[]) => boolean
}): MixChange | null {
  requireNumber('The low end of the band', low, { max: high })
  const inside = (value: number) => value >= low - 1e-9 && value <= high + 1e-9
  if (inside(valueFor(components))) return null
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  const present = components.filter(({ parts }) => parts > 0).map(({ material }) => material)
  let best: (MixChange & { price: number }) | null = null
  const consider = (material: Material, sign: 1 | -1) => {
    const most =
      sign > 0
        ? LARGEST_SHARE
        : Math.min(LARGEST_SHARE, partsOf(components, material) / total - 1e-6)
    // Nothing larger than what was found already is worth a look.
    const reach = Math.min(most, (best?.share ?? most) + 0.01)
    const mixAt = (share: number) => changed(components, material, sign * share * total)
    const at = (share: number) => valueFor(mixAt(share))
    const found = firstInside(reach, (share) => inside(at(share)) && allowed(mixAt(share)))
    if (found === null) return
    const price = sign > 0 ? (priceOf(material) ?? Number.MAX_VALUE) : 0
    if (best && found > best.share - 0.01 && price >= best.price) return
    best = {
      materialId: material.id,
      deltaParts: sign * found * total,
      share: found,
      value: at(found),
      price,
    }
  }
  for (const material of present) if (present.length > 1) consider(material, -1)
  for (const material of new Map(
    [...present, ...candidates].map((one) => [one.id, one]),
  ).values()) {
    consider(material, 1)
  }
  if (!best) return null
  const { price, ...change } = best as MixChange & { price: number }
  return change
}

/** The smallest share, to a thousandth, that leads inside; a value need not rise all the way, so steps come first. */
function firstInside(reach: number, isInside: (share: number) => boolean): number | null {
  if (!(reach > 0)) return null
  let before = 0
  for (let step = 1; step <= STEPS; step++) {
    // Closer together at first: small changes are what is wanted.
    const share = reach * (step / STEPS) ** 1.6
    if (isInside(share)) {
      let [out, within] = [before, share]
      for (let i = 0; i < HALVINGS; i++) {
        const middle = 0.5 * (out + within)
        if (isInside(middle)) within = middle
        else out = middle
      }
      return within
    }
    before = share
  }
  return null
}

function partsOf(components: readonly Component[], material: Material): number {
  return components.find((one) => one.material.id === material.id)?.parts ?? 0
}

function changed(
  components: readonly Component[],
  material: Material,
  deltaParts: number,
): Component[] {
  const there = components.some((one) => one.material.id === material.id)
  if (!there) return [...components, { material, parts: deltaParts }]
  return components.map((one) =>
    one.material.id === material.id ? { ...one, parts: Math.max(0, one.parts + deltaParts) } : one,
  )
}
