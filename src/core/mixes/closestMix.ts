import { blendEc, blendPh } from '../chemistry'
import type { ContainerShape } from '../containers'
import { blendMedia, type Component, containerCapacity, type Material } from '../media'
import { requireNumber } from '../validate'

/** What may go into a mix, and how much of it there is in the unit of the parts; Infinity for enough. */
export interface UsableMaterial {
  readonly material: Material
  readonly mostParts: number
}

/** What a mix is like in one container, as far as another can be held against it. */
export interface MixCharacter {
  readonly air: number
  /** Water between draining and 100 cm of suction, a share of the volume. */
  readonly available: number
  readonly ph: number
  readonly ecSme: number
}

export interface ClosestMix {
  readonly parts: readonly { readonly materialId: string; readonly parts: number }[]
  readonly before: MixCharacter
  readonly after: MixCharacter
  /** True where all that differs hardly matters to a plant. */
  readonly alike: boolean
}

/** Differences that hardly a plant would notice, by which likeness is counted (our own). */
const NO_MATTER = { air: 0.03, ph: 0.5, ecShare: 0.3 } as const
/** Two of the four qualities each off by as much as hardly matters. */
const ALIKE = 2
const COARSE = 5
const FINE = 20

/**
 * The mix most like a given one in a container, of what may be used: what may stay stays, the rest is replaced by one
 * or two materials in fifths, then twentieths. Alike is measured in air, water in reach, pH and salts, each in units of
 * what hardly matters.
 * @param usable up to 60 materials; those of the mix that are not among them have to go
 * @returns null where nothing has to go, or nothing is there to replace it with
 * @throws DomainError for impossible mixes or containers
 */
export function closestMix({
  components,
  usable,
  container,
  onProgress,
}: {
  components: readonly Component[]
  usable: readonly UsableMaterial[]
  container: { readonly shape: ContainerShape; readonly fillHeightCm: number }
  onProgress?: (share: number) => void
}): ClosestMix | null {
  requireNumber('The number of materials', usable.length, { min: 0, max: 60 })
  const before = characterOf(components, container)
  const most = new Map(usable.map(({ material, mostParts }) => [material.id, mostParts]))
  const kept = components.map(({ material, parts }) => ({
    material,
    parts: Math.min(parts, most.get(material.id) ?? 0),
  }))
  const missing = sum(components) - sum(kept)
  if (!(missing > 1e-9)) return null
  let best: { distance: number; mix: Component[]; after: MixCharacter } | null = null
  const attempt = (added: readonly Component[]) => {
    const mix = together(kept, added)
    if (mix.some(({ material, parts }) => parts > (most.get(material.id) ?? 0) + 1e-9)) return
    const limit = best?.distance ?? Number.POSITIVE_INFINITY
    // Salts and pH are quickly worked out; the pores are what takes the time.
    const chemistry = chemistryOf(mix)
    if (chemicalDistance(chemistry, before) >= limit) return
    const after = { ...chemistry, ...poresOf(mix, container) }
    const distance = chemicalDistance(after, before) + poreDistance(after, before)
    if (distance < limit) best = { distance, mix, after }
  }
  const shared = (one: Material, two: Material, share: number) =>
    attempt([
      { material: one, parts: share * missing },
      { material: two, parts: (1 - share) * missing },
    ])
  usable.forEach(({ material: one }, i) => {
    attempt([{ material: one, parts: missing }])
    for (const { material: two } of usable.slice(i + 1)) {
      for (let part = 1; part < COARSE; part++) shared(one, two, part / COARSE)
    }
    onProgress?.((i + 1) / usable.length)
  })
  const found = best as { mix: Component[] } | null
  if (!found) return null
  const added = found.mix.filter(
    ({ material, parts }) =>
      parts > (kept.find((one) => one.material.id === material.id)?.parts ?? 0) + 1e-9,
  )
  const [one, two] = added
  if (one && two) {
    for (let part = 1; part < FINE; part++) shared(one.material, two.material, part / FINE)
  }
  const { mix, after, distance } = best as unknown as {
    mix: Component[]
    after: MixCharacter
    distance: number
  }
  return {
    parts: mix.map(({ material, parts }) => ({ materialId: material.id, parts })),
    before,
    after,
    alike: distance <= ALIKE,
  }
}

function characterOf(
  components: readonly Component[],
  container: { readonly shape: ContainerShape; readonly fillHeightCm: number },
): MixCharacter {
  return { ...chemistryOf(components), ...poresOf(components, container) }
}

function chemistryOf(components: readonly Component[]): Pick<MixCharacter, 'ph' | 'ecSme'> {
  return { ph: blendPh({ components }).ph, ecSme: blendEc({ components }).ecSme }
}

function poresOf(
  components: readonly Component[],
  container: { readonly shape: ContainerShape; readonly fillHeightCm: number },
): Pick<MixCharacter, 'air' | 'available'> {
  const { curve } = blendMedia({ components })
  const { airFraction, waterFraction, waterLitres, availableLitres } = containerCapacity({
    curve,
    ...container,
  })
  return { air: airFraction, available: (availableLitres / waterLitres) * waterFraction }
}

function chemicalDistance(
  now: Pick<MixCharacter, 'ph' | 'ecSme'>,
  then: Pick<MixCharacter, 'ph' | 'ecSme'>,
): number {
  // Fewer salts do no harm: feed makes them good.
  const salts = Math.max(0, now.ecSme - then.ecSme) / (NO_MATTER.ecShare * then.ecSme + 0.1)
  return ((now.ph - then.ph) / NO_MATTER.ph) ** 2 + salts ** 2
}

function poreDistance(now: MixCharacter, then: MixCharacter): number {
  return (
    ((now.air - then.air) / NO_MATTER.air) ** 2 +
    ((now.available - then.available) / NO_MATTER.air) ** 2
  )
}

function together(kept: readonly Component[], added: readonly Component[]): Component[] {
  const mix = new Map<string, Component>()
  for (const { material, parts } of [...kept, ...added]) {
    const there = mix.get(material.id)?.parts ?? 0
    if (parts + there > 1e-9) mix.set(material.id, { material, parts: parts + there })
  }
  return [...mix.values()]
}

function sum(components: readonly Component[]): number {
  return components.reduce((total, { parts }) => total + parts, 0)
}
