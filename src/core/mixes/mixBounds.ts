import { blendEc, blendPh } from '../chemistry'
import type { ContainerShape } from '../containers'
import {
  blendMedia,
  type Component,
  componentShares,
  containerCapacity,
  type Material,
  type Share,
} from '../media'
import type { MixWish } from './mixWish'
import { groupById, type PlantGroupId } from './plantGroups'

/** What a mix may not be, whatever else it is good for. */
export type MixBound =
  | 'manure'
  | 'fine-peat'
  | 'woody'
  | 'base'
  | 'sand'
  | 'compost'
  | 'lime'
  | 'weight'
  | 'salts'
  | 'ph'
  | 'air'
  | 'water'
  | 'found'

export interface MixBounds {
  /** null counts as most plants. */
  readonly groupId: PlantGroupId | null
  readonly wish: Pick<MixWish, 'airMin' | 'airMax' | 'pHLow' | 'pHHigh' | 'ecMaxSme'> | null
  readonly limeHater: boolean
  readonly mostCompost: number
  /** The most of a material by its id that a trial found to be safe, 0 to 1. */
  readonly mostFound?: Readonly<Record<string, number>>
  readonly container: { readonly shape: ContainerShape; readonly fillHeightCm: number }
  /** Of the wet mix; none where left out. */
  readonly maxKgPerL?: number
  /** Starts of the group, for how much water such a mix holds at all. */
  readonly groupStart?: readonly Component[]
}

const FINE_PEAT_MM = 1
const WOODIEST_C_TO_N = 150
const LASTING_DECAY_PER_YEAR = 0.2
const SAND_KG_PER_L = 1.2
const SAND_MM = 2
const MOST_SAND = 0.25
const LEAST_BASE = 0.5
/** Of the mix for what grows in deserts up to two thirds are stone, as in a recipe for them. */
const LEAST_BASE_SUCCULENTS = 0.35
/** Water in reach, a share of the volume. */
const LEAST_WATER = 0.15
const SAME = 1e-9

/** What holds a mix together: peat, coir, moss, a bag, or bark that lasts. Hulls and wood only open it. */
function isBase({ group, decayPerYear }: Material): boolean {
  if (group === 'organic base' || group === 'bagged mix') return true
  return group === 'coarse organic' && decayPerYear <= LASTING_DECAY_PER_YEAR
}

function isManure({ id }: Material): boolean {
  return id.includes('manure')
}

function isSand({ group, bulkDensity, grainMm }: Material): boolean {
  return group === 'aggregate' && bulkDensity > SAND_KG_PER_L && grainMm <= SAND_MM
}

/** Bounds of what is measured out: known before any pores are worked out. */
export function brokenByParts(
  shares: readonly Share[],
  {
    groupId,
    limeHater,
    mostCompost,
    mostFound = {},
  }: Pick<MixBounds, 'groupId' | 'limeHater' | 'mostCompost' | 'mostFound'>,
): MixBound[] {
  const shareWhere = (which: (material: Material) => boolean) =>
    shares.reduce((sum, { material, share }) => sum + (which(material) ? share : 0), 0)
  const group = groupId ?? 'most'
  const stays = group === 'long-stay' || group === 'epiphytes'
  const tender = group === 'seedlings' || group === 'epiphytes'
  const leastBase = group === 'succulents' ? LEAST_BASE_SUCCULENTS : LEAST_BASE
  const broken: MixBound[] = []
  if (tender && shareWhere(isManure) > 0) broken.push('manure')
  if (stays && shareWhere(({ peat, grainMm }) => peat && grainMm < FINE_PEAT_MM) > 0)
    broken.push('fine-peat')
  if (group !== 'epiphytes' && shareWhere(({ cToN }) => cToN > WOODIEST_C_TO_N) > 0)
    broken.push('woody')
  if (shareWhere(isBase) < leastBase - SAME) broken.push('base')
  if (shareWhere(isSand) > MOST_SAND + SAME) broken.push('sand')
  if (shareWhere(({ group: kind }) => kind === 'compost') > mostCompost + SAME)
    broken.push('compost')
  const isOver = ({ id }: Material) =>
    shareWhere((one) => one.id === id) > (mostFound[id] ?? 1) + SAME
  if (shares.some(({ material }) => isOver(material))) broken.push('found')
  if (limeHater && shareWhere(({ freeLimeGPerL }) => freeLimeGPerL > 0) > 0) broken.push('lime')
  return broken
}

/**
 * Which bounds a mix breaks: bans and shares of its plant group, and the wish in its container.
 * @throws DomainError for impossible parts or containers
 */
export function brokenBounds(components: readonly Component[], bounds: MixBounds): MixBound[] {
  const { wish, container, maxKgPerL } = bounds
  const broken = brokenByParts(componentShares(components), bounds)
  const { curve, bulkDensity, volumeYield } = blendMedia({ components })
  const capacity = containerCapacity({ curve, ...container })
  if (maxKgPerL !== undefined && bulkDensity + capacity.waterFraction > maxKgPerL + SAME) {
    broken.push('weight')
  }
  if (wish) {
    const { ph } = blendPh({ components, volumeYield })
    const { airFraction } = capacity
    if (ph < wish.pHLow - SAME || ph > wish.pHHigh + SAME) broken.push('ph')
    if (airFraction < wish.airMin - SAME || airFraction > wish.airMax + SAME) broken.push('air')
    if (
      wish.ecMaxSme !== null &&
      blendEc({ components, volumeYield }).ecSme > wish.ecMaxSme + SAME
    ) {
      broken.push('salts')
    }
  }
  if (waterInReach(capacity) < leastWater(bounds) - SAME) broken.push('water')
  return broken
}

/** 15 % of the volume, or what the group's own start holds there where that is less. */
export function leastWater({ groupId, groupStart, container }: MixBounds): number {
  const hasStart = groupById(groupId) && groupStart && groupStart.length > 0
  if (!hasStart) return groupId === 'epiphytes' || groupId === 'succulents' ? 0 : LEAST_WATER
  const { curve } = blendMedia({ components: groupStart })
  return Math.min(LEAST_WATER, waterInReach(containerCapacity({ curve, ...container })))
}

/** Water between draining and 100 cm of suction, a share of the volume. */
export function waterInReach({
  availableLitres,
  waterLitres,
  waterFraction,
}: ReturnType<typeof containerCapacity>): number {
  return waterLitres > 0 ? (availableLitres / waterLitres) * waterFraction : 0
}

/** Whether a change keeps every bound that was kept before; what is mended by it is for its own band to say. */
export function keepsBounds(
  before: readonly MixBound[],
  components: readonly Component[],
  bounds: MixBounds,
): boolean {
  const byParts = brokenByParts(componentShares(components), bounds)
  if (byParts.some((bound) => !before.includes(bound))) return false
  return brokenBounds(components, bounds).every((bound) => before.includes(bound))
}
