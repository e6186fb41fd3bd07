import type { Crop } from '../chemistry'

/** A set of targets in the container, and the parts a mix for it begins with. */
export interface PlantGroup {
  readonly id: PlantGroupId
  readonly airMin: number
  readonly airMax: number
  readonly pHLow: number
  readonly pHHigh: number
  readonly waterPreference: Crop['waterPreference']
  /** By volume. */
  readonly starts: readonly (readonly [materialId: string, parts: number])[]
}

export type PlantGroupId =
  | 'most'
  | 'seedlings'
  | 'likes-dry'
  | 'succulents'
  | 'airy-moist'
  | 'epiphytes'
  | 'lime-haters'
  | 'hungry-edibles'
  | 'baskets'
  | 'long-stay'

const group = (
  id: PlantGroupId,
  [airMin, airMax]: readonly [number, number],
  [pHLow, pHHigh]: readonly [number, number],
  waterPreference: Crop['waterPreference'],
  starts: PlantGroup['starts'],
): PlantGroup => ({
  id,
  airMin: airMin / 100,
  airMax: airMax / 100,
  pHLow,
  pHHigh,
  waterPreference,
  starts,
})

/** Where a mix begins, by what the plants have in common; what they are called stands in the texts. */
export const PLANT_GROUPS: readonly PlantGroup[] = [
  group('most', [12, 22], [5.5, 6.8], 'even', [['all-purpose-mix', 1]]),
  group('seedlings', [10, 20], [5.5, 6.5], 'even', [['seed-mix', 1]]),
  group('likes-dry', [18, 30], [5.8, 7.2], 'dry-between', [
    ['all-purpose-mix', 3],
    ['perlite-coarse', 1],
  ]),
  group('succulents', [28, 45], [5.5, 7], 'dry-between', [
    ['all-purpose-mix', 4],
    ['pumice', 5],
  ]),
  group('airy-moist', [14, 30], [3.8, 5.2], 'wet', [
    ['peat-medium', 4],
    ['perlite-coarse', 3],
  ]),
  group('epiphytes', [40, 65], [5, 6.2], 'moist', [
    ['bark-chips', 5],
    ['perlite-coarse', 1],
    ['sphagnum-moss', 1],
  ]),
  group('lime-haters', [18, 30], [4.3, 5.5], 'even', [
    ['bark-fine', 5],
    ['acid-mix', 4],
    ['perlite-coarse', 1],
  ]),
  group('hungry-edibles', [12, 24], [5.8, 6.8], 'even', [
    ['all-purpose-mix', 6],
    ['garden-compost', 3],
    ['perlite-coarse', 1],
  ]),
  group('baskets', [12, 22], [5.6, 6.6], 'moist', [
    ['all-purpose-mix', 6],
    ['coir-pith', 2],
    ['vermiculite-medium', 2],
  ]),
  group('long-stay', [16, 28], [5.5, 7], 'even', [
    ['bark-fine', 4],
    ['all-purpose-mix', 4],
    ['lava', 2],
  ]),
]

/** @returns null for a group that is not there */
export function groupById(id: string | null | undefined): PlantGroup | null {
  return PLANT_GROUPS.find((group) => group.id === id) ?? null
}
