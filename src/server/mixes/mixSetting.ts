import {
  type Component,
  containerCapacity,
  type Material,
  withMeasuredWater,
} from '../../core/media'
import type { MixPart } from '../../core/mixes'
import {
  listCalibrationsOf,
  listCalibrationsOfMixes,
  type StoredCalibrationOfSample,
} from '../../data/bench'
import type { StoredContainer } from '../../data/containers'
import type { Database } from '../../data/database'
import type { MixContainer } from '../../messages/mixes/mixViews'

/** Where nothing says in which pot. */
export const USUAL_POT = {
  name: '',
  shape: { kind: 'round', topDiameterCm: 28, baseDiameterCm: 21, heightCm: 26 },
  headspaceCm: 2.5,
} as const

/** By the list of all containers, which is kept itself until one is changed. */
const keptSizes = new WeakMap<readonly StoredContainer[], readonly MixContainer[]>()

/** Containers of one size and place once, the most frequent first. */
export function sizesOf(containers: readonly StoredContainer[]): readonly MixContainer[] {
  const known = keptSizes.get(containers)
  if (known) return known
  const sizes = new Map<string, MixContainer>()
  for (const { name, place, shape, headspaceCm, exposure } of containers) {
    const key = JSON.stringify([name, shape, headspaceCm, exposure])
    const count = (sizes.get(key)?.count ?? 0) + 1
    sizes.set(key, { name, place, count, shape, headspaceCm, exposure })
  }
  const made = [...sizes.values()].sort((a, b) => b.count - a.count)
  keptSizes.set(containers, made)
  return made
}

/**
 * The materials of a mix as its own tests found the whole to hold and pass water: a mix changed from there is worked out
 * from the test. Others are left as they are.
 */
export function materialsAsTested(
  parts: readonly MixPart[],
  materials: ReadonlyMap<string, Material>,
  tested: Pick<StoredCalibrationOfSample, 'from' | 'measured'> | null,
): ReadonlyMap<string, Material> {
  const components = partsToComponents(parts, materials).filter((one) => one.parts > 0)
  if (!tested || components.length === 0) return new Map()
  const { curve, ksCmPerS } = tested.measured
  const total = components.reduce((sum, one) => sum + one.parts, 0)
  const shifted = withMeasuredWater(
    components.map((one) => ({ ...one, parts: one.parts / total })),
    {
      ...(tested.from.includes('porosity')
        ? {
            airFraction: containerCapacity({ curve, ...TEST_COLUMN }).airFraction,
            columnShape: TEST_COLUMN.shape,
            fillHeightCm: TEST_COLUMN.fillHeightCm,
            totalPorosity: curve.thetaS,
          }
        : {}),
      ...(tested.from.includes('drain') ? { ksCmPerS } : {}),
    },
  )
  return new Map(shifted.map(({ material }) => [material.id, material]))
}

/** In which a curve's air is told to bend others by: any will do. */
const TEST_COLUMN = {
  shape: { kind: 'round', topDiameterCm: 14, baseDiameterCm: 14, heightCm: 15 },
  fillHeightCm: 13,
} as const

/** What the newest tests of a recipe found, since it was last written anew; null where it was not tested. */
export async function testOfMix(
  db: Database,
  mixId: number,
  writtenAt: Date,
): Promise<StoredCalibrationOfSample | null> {
  return newestOf(await listCalibrationsOf(db, { kind: 'mix', id: mixId }), writtenAt)
}

/** The same for many recipes at once, by their ids. */
export async function testsOfMixes(
  db: Database,
  mixes: readonly { readonly id: number; readonly writtenAt: Date }[],
): Promise<ReadonlyMap<number, StoredCalibrationOfSample>> {
  const all = await listCalibrationsOfMixes(
    db,
    mixes.map(({ id }) => id),
  )
  return new Map(
    mixes.flatMap(({ id, writtenAt }) => {
      const newest = newestOf(
        all.filter(({ mixId }) => mixId === id),
        writtenAt,
      )
      return newest ? [[id, newest] as const] : []
    }),
  )
}

/** The first of those that are told newest first, where it is of the recipe as it stands. */
function newestOf(
  [found]: readonly StoredCalibrationOfSample[],
  writtenAt: Date,
): StoredCalibrationOfSample | null {
  return found && found.at >= writtenAt && found.from.length > 0 ? found : null
}

/** Parts as the core takes them; a material that is not known any more is left out. */
export function partsToComponents(
  parts: readonly MixPart[],
  materials: ReadonlyMap<string, Material>,
): Component[] {
  return parts.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId)
    return material ? [{ material, parts: litres }] : []
  })
}
