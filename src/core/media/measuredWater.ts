import type { ContainerShape } from '../containers'
import { blendMedia } from './blendMedia'
import { containerCapacity } from './containerCapacity'
import type { Component, Material } from './material'

/** What tests found of how a mix holds and passes water; any of it. */
export interface MeasuredWater {
  /** Air after draining in the test's column, share of the volume; told with the column. */
  readonly airFraction?: number | undefined
  readonly columnShape?: ContainerShape | undefined
  readonly fillHeightCm?: number | undefined
  readonly totalPorosity?: number | undefined
  readonly ksCmPerS?: number | undefined
}

const LEAST_SHIFT = 1e-3
const MOST_SHIFT = 1e3
const HALVINGS = 26
/** Pores that are not air after draining, at least. */
const LEAST_WATER = 0.01

/**
 * A lot's components as its own tests found them to hold and pass water: solids, suction scale and conductivity of every
 * part are shifted by one factor each, so that the blend gives back what was measured, and additions change it from there.
 * @param components whose parts sum to 1
 * @param measured air in the test's column (with its shape and fill height), all pores, conductivity; any of them
 */
export function withMeasuredWater(
  components: readonly Component[],
  measured: MeasuredWater,
): readonly Component[] {
  const { airFraction, columnShape, fillHeightCm, totalPorosity, ksCmPerS } = measured
  let shifted = components
  if (totalPorosity !== undefined) shifted = withPores(shifted, totalPorosity)
  if (airFraction !== undefined && columnShape && fillHeightCm !== undefined) {
    const pores = blendMedia({ components: shifted }).totalPorosity
    if (airFraction > pores - LEAST_WATER && totalPorosity === undefined) {
      shifted = withPores(shifted, Math.min(0.98, airFraction + (pores + LEAST_WATER) / 4))
    }
    shifted = withAir(shifted, airFraction, { shape: columnShape, fillHeightCm })
  }
  if (ksCmPerS !== undefined) {
    const factor = ksCmPerS / blendMedia({ components: shifted }).ksCmPerS
    shifted = eachMaterial(shifted, (material) => ({
      ...material,
      ksCmPerS: material.ksCmPerS * factor,
    }))
  }
  return shifted
}

/** Every part's solids by one factor. */
function withPores(components: readonly Component[], totalPorosity: number): Component[] {
  const factor = (1 - totalPorosity) / (1 - blendMedia({ components }).totalPorosity)
  return eachMaterial(components, (material) => {
    const pores = Math.min(0.99, Math.max(0.05, 1 - (1 - material.totalPorosity) * factor))
    const { curve } = material
    const thetaR = Math.min((curve.thetaR / curve.thetaS) * pores, pores - 0.01)
    return { ...material, totalPorosity: pores, curve: { ...curve, thetaS: pores, thetaR } }
  })
}

/** Every part's suction scale by one factor: the larger, the more air. */
function withAir(
  components: readonly Component[],
  airFraction: number,
  column: { readonly shape: ContainerShape; readonly fillHeightCm: number },
): Component[] {
  const scaled = (factor: number) =>
    eachMaterial(components, (material) => ({
      ...material,
      curve: {
        ...material.curve,
        alpha: Math.min(50, Math.max(1e-3, material.curve.alpha * factor)),
      },
    }))
  const air = (factor: number) =>
    containerCapacity({
      curve: blendMedia({ components: scaled(factor) }).curve,
      ...column,
    }).airFraction
  let [low, high] = [LEAST_SHIFT, MOST_SHIFT]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = Math.sqrt(low * high)
    if (air(middle) < airFraction) low = middle
    else high = middle
  }
  return scaled(Math.sqrt(low * high))
}

function eachMaterial(
  components: readonly Component[],
  change: (material: Material) => Material,
): Component[] {
  return components.map((component) => ({ ...component, material: change(component.material) }))
}
