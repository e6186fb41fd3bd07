import { areaAtUnchecked, type ContainerShape } from '../../containers'
import type { MediaLayer } from '../layeredCapacity'

/** Cells of a column from the base up; all arrays have one entry a cell unless said otherwise. */
export interface Grid {
  readonly cells: number
  /** Thickness, cm. */
  readonly dz: Float64Array
  /** Height of the middle above the container's base, cm. */
  readonly z: Float64Array
  /** Volume, cm³. */
  readonly volume: Float64Array
  /** Area of the face above each cell, cm²; the last is the surface. */
  readonly areaAbove: Float64Array
  readonly baseArea: number
  /** Which layer a cell belongs to. */
  readonly layer: Int32Array
}

/** Cells are about this thick, cm: fine enough for times within 3 %, in tall pots coarser. */
function cellCm(columnCm: number): number {
  return columnCm > 40
    ? Math.min(0.5, columnCm / 160)
    : Math.min(0.25, Math.max(0.1, columnCm / 100))
}

/** A bowl comes to a point: its faces are taken at least as wide as at this height. */
const BOWL_POINT_CM = 1

/**
 * @param fineness 2 halves the cells, to see whether the answer has converged
 */
export function gridOf(
  shape: ContainerShape,
  layers: readonly MediaLayer[],
  baseOffsetCm: number,
  fineness = 1,
): Grid {
  const columnCm = layers.reduce((sum, { thicknessCm }) => sum + thicknessCm, 0)
  const wanted = cellCm(columnCm) / fineness
  const counts = layers.map(({ thicknessCm }) => Math.max(3, Math.round(thicknessCm / wanted)))
  const cells = counts.reduce((sum, count) => sum + count, 0)
  const dz = new Float64Array(cells)
  const z = new Float64Array(cells)
  const volume = new Float64Array(cells)
  const areaAbove = new Float64Array(cells)
  const layer = new Int32Array(cells)
  const face = (height: number) =>
    areaAtUnchecked(shape, shape.kind === 'bowl' ? Math.max(BOWL_POINT_CM, height) : height)
  let at = baseOffsetCm
  let cell = 0
  layers.forEach(({ thicknessCm }, index) => {
    const count = counts[index] as number
    const thick = thicknessCm / count
    for (let i = 0; i < count; i++, cell++) {
      dz[cell] = thick
      z[cell] = at + thick / 2
      // Simpson's rule is exact: areas are quadratic in height.
      volume[cell] =
        (thick / 6) *
        (areaAtUnchecked(shape, at) +
          4 * areaAtUnchecked(shape, at + thick / 2) +
          areaAtUnchecked(shape, at + thick))
      layer[cell] = index
      at += thick
      areaAbove[cell] = face(at)
    }
  })
  return { cells, dz, z, volume, areaAbove, baseArea: face(baseOffsetCm), layer }
}
