import { blendEc, blendPh } from '../chemistry'
import type { ContainerShape } from '../containers'
import { blendMedia, type Component, containerCapacity, type Material, type Share } from '../media'
import { requireNumber } from '../validate'
import { brokenByParts, leastWater, type MixBounds, waterInReach } from './mixBounds'
import { groupById, type PlantGroupId } from './plantGroups'

/** What a mix must reach in its container. */
export interface MixTargets {
  readonly airMin: number
  readonly airMax: number
  readonly pHLow: number
  readonly pHHigh: number
  /** Saturated media extract, dS/m; null for any. */
  readonly ecMaxSme: number | null
  readonly limeHater: boolean
  /** Most of it that may be compost, a share of the parts; half where left out. */
  readonly mostCompost?: number
  readonly mostFound?: Readonly<Record<string, number>>
  /** Whose bans and shares hold; most plants where left out. */
  readonly groupId?: PlantGroupId | null
  /** Of the wet mix. */
  readonly maxKgPerL?: number
}

export interface PricedMaterial {
  readonly material: Material
  readonly pricePerLitre: number
}

export interface CheapestMix {
  /** Shares of the parts, the largest first. */
  readonly parts: readonly { readonly materialId: string; readonly share: number }[]
  /** Of a litre of the mix it makes. */
  readonly pricePerLitre: number
  readonly air: number
  readonly ph: number
  /** How many mixes were tried. */
  readonly tried: number
}

/** Shares are tried in tenths, then the best is refined in hundredths. */
const STEP = 0.1
const FINE = 0.02
const USUAL_MOST_COMPOST = 0.5
const LEAST_SHARE = 0.1

/**
 * The cheapest mix of up to three materials that meets the targets in one container: every one of them in tenths, the
 * best refined in fiftieths, inside the bounds and bans of the plant group (see mixBounds).
 * @param materials what there is, with prices; at most 40
 * @returns null where none meets the targets
 * @throws DomainError for impossible containers or targets
 */
export function cheapestMix({
  materials,
  targets,
  container,
  onProgress,
}: {
  materials: readonly PricedMaterial[]
  targets: MixTargets
  container: { readonly shape: ContainerShape; readonly fillHeightCm: number }
  onProgress?: (share: number) => void
}): CheapestMix | null {
  requireNumber('The number of materials', materials.length, { min: 1, max: 40 })
  requireNumber('The least air', targets.airMin, { min: 0, max: targets.airMax })
  const usable = materials.filter(
    ({ material }) => !targets.limeHater || material.freeLimeGPerL === 0,
  )
  const bounds: MixBounds = {
    groupId: targets.groupId ?? null,
    wish: null,
    limeHater: targets.limeHater,
    mostCompost: targets.mostCompost ?? USUAL_MOST_COMPOST,
    mostFound: targets.mostFound ?? {},
    container,
    ...(targets.maxKgPerL === undefined ? {} : { maxKgPerL: targets.maxKgPerL }),
    groupStart: startOf(targets.groupId ?? null, materials),
  }
  const water = leastWater(bounds)
  let tried = 0
  let best: Tried | null = null
  const attempt = (chosen: readonly PricedMaterial[], shares: readonly number[]) => {
    if (brokenByParts(sharesOfMix(chosen, shares), bounds).length > 0) return
    const money = chosen.reduce((sum, one, i) => sum + one.pricePerLitre * (shares[i] as number), 0)
    // A mix is never more than its parts: where they cost more already, it need not be worked out.
    if (best && money >= best.pricePerLitre) return
    tried++
    const found = judge(chosen, shares, money, targets, bounds, water)
    if (found && (!best || found.pricePerLitre < best.pricePerLitre - 1e-9)) best = found
  }
  const sets = setsOf(usable)
  sets.forEach((chosen, index) => {
    for (const shares of sharesOf(chosen.length)) attempt(chosen, shares)
    if (index % 50 === 0) onProgress?.(index / sets.length)
  })
  refine(() => best, attempt)
  const found = best as Tried | null
  if (!found) return null
  return {
    parts: found.chosen
      .map(({ material }, i) => ({ materialId: material.id, share: found.shares[i] as number }))
      .filter(({ share }) => share > 1e-9)
      .sort((a, b) => b.share - a.share),
    pricePerLitre: found.pricePerLitre,
    air: found.air,
    ph: found.ph,
    tried,
  }
}

interface Tried {
  readonly chosen: readonly PricedMaterial[]
  readonly shares: readonly number[]
  readonly pricePerLitre: number
  readonly air: number
  readonly ph: number
}

function judge(
  chosen: readonly PricedMaterial[],
  shares: readonly number[],
  money: number,
  targets: MixTargets,
  { container, maxKgPerL }: MixBounds,
  leastWaterShare: number,
): Tried | null {
  const components: Component[] = chosen.map(({ material }, i) => ({
    material,
    parts: shares[i] as number,
  }))
  // Cheap questions first: the pores are what takes the time.
  const { ph } = blendPh({ components, volumeYield: 1 })
  if (ph < targets.pHLow || ph > targets.pHHigh) return null
  const { volumeYield, curve, bulkDensity } = blendMedia({ components })
  const capacity = containerCapacity({ curve, ...container })
  const { airFraction: air, waterFraction } = capacity
  if (air < targets.airMin || air > targets.airMax) return null
  if (targets.ecMaxSme !== null && blendEc({ components, volumeYield }).ecSme > targets.ecMaxSme) {
    return null
  }
  if (maxKgPerL !== undefined && bulkDensity + waterFraction > maxKgPerL) return null
  if (waterInReach(capacity) < leastWaterShare) return null
  return { chosen, shares, pricePerLitre: money / volumeYield, air, ph }
}

function sharesOfMix(chosen: readonly PricedMaterial[], shares: readonly number[]): Share[] {
  return chosen.map(({ material }, i) => ({ material, share: shares[i] as number }))
}

/** The group's own start, as far as its materials are here. */
function startOf(groupId: PlantGroupId | null, materials: readonly PricedMaterial[]): Component[] {
  const starts = groupById(groupId)?.starts ?? []
  const parts = starts.flatMap(([id, count]): Component[] => {
    const found = materials.find(({ material }) => material.id === id)
    return found ? [{ material: found.material, parts: count }] : []
  })
  return parts.length === starts.length ? parts : []
}

/** Every one, two and three of the materials. */
function setsOf(materials: readonly PricedMaterial[]): PricedMaterial[][] {
  const sets: PricedMaterial[][] = []
  materials.forEach((one, i) => {
    sets.push([one])
    materials.slice(i + 1).forEach((two, j) => {
      sets.push([one, two])
      for (const three of materials.slice(i + j + 2)) sets.push([one, two, three])
    })
  })
  return sets
}

/** Shares in tenths that sum to 1, each at least a tenth. */
function sharesOf(count: number): number[][] {
  if (count === 1) return [[1]]
  const tenths = Math.round(1 / STEP)
  const shares: number[][] = []
  for (let a = 1; a < tenths; a++) {
    if (count === 2) shares.push([a * STEP, 1 - a * STEP])
    else for (let b = 1; b < tenths - a; b++) shares.push([a * STEP, b * STEP, 1 - (a + b) * STEP])
  }
  return shares
}

/** Moves share between two materials at a time while that makes it cheaper. */
function refine(
  present: () => Tried | null,
  attempt: (chosen: readonly PricedMaterial[], shares: readonly number[]) => void,
): void {
  for (let round = 0; round < 40; round++) {
    const from = present()
    if (!from) return
    from.shares.forEach((_, give) => {
      from.shares.forEach((__, take) => {
        const share = from.shares[give] as number
        if (give === take || share - FINE < LEAST_SHARE - 1e-9) return
        const next = [...from.shares]
        next[give] = share - FINE
        next[take] = (from.shares[take] as number) + FINE
        attempt(from.chosen, next)
      })
    })
    if (present() === from) return
  }
}
